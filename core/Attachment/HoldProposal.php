<?php

declare(strict_types=1);

namespace Schwung\Core\Attachment;

use Schwung\Core\Frame\HoldingSystem;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\Phrase;

/** One way to hold an end of this quilt, with all that speaks for and against it here. */
final readonly class HoldProposal
{
    /**
     * @param Length       $cloth    used up and kept free before the top
     * @param float|null   $minutes  null where the pieces at hand do not reach, or are not counted
     * @param Length       $thickens the first turn of the roll; an estimate
     * @param list<Phrase> $for
     * @param list<Phrase> $against
     * @param bool         $isPossible the cloth is enough for it, and its pieces are at hand
     */
    public function __construct(
        public HoldingSystem $system,
        public Length $cloth,
        public ?float $minutes,
        public Length $thickens,
        public array $for,
        public array $against,
        public bool $isPossible,
    ) {}
}
