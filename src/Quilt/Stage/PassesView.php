<?php

declare(strict_types=1);

namespace App\Quilt\Stage;

use App\Drawing\Picture;
use Schwung\Core\Advance\Proposal;
use Schwung\Core\Advance\Wind;
use Schwung\Core\Advance\Winding;
use Schwung\Core\Design\LaidDesign;
use Schwung\Core\Direction\Choice;
use Schwung\Core\Loading\ChosenFoot;
use Schwung\Core\Loading\ThreadPlan;
use Schwung\Core\Measure\Phrase;

/**
 * How the quilt rolls through, at one of its passes.
 *
 * Made with named arguments.
 */
final readonly class PassesView
{
    /**
     * @param Wind|null             $now       the pass at hand; null while there are none
     * @param LaidDesign|null       $laid      the row design laid over them, where one is chosen
     * @param Picture|null          $side      the frame from the side at that pass
     * @param list<Proposal>        $proposals for better passes, best first
     * @param array<string, string> $designs   names of row designs by word
     * @param ThreadPlan|null       $thread    with the rows after which a bobbin is changed
     * @param Choice|null           $choice    of the way round, which may be another than is proposed
     */
    public function __construct(
        public Phrase $sentence,
        public ?Winding $winding,
        public ?Wind $now,
        public ?LaidDesign $laid,
        public ?Picture $side,
        public array $proposals,
        public array $designs,
        public ?Choice $choice,
        public ?ChosenFoot $foot,
        public ?ThreadPlan $thread,
    ) {}
}
