<?php

declare(strict_types=1);

namespace Schwung\Core\Job;

use Schwung\Core\Frame\Foot;
use Schwung\Core\Material\NeedleSize;
use Schwung\Core\Measure\Length;
use Schwung\Core\Practice\LoadingHabits;

/**
 * What was decided at the desk beside what was measured: the mend that is kept, how the passes are worked, where on the
 * leader the quilt hangs, by which schools it is loaded.
 *
 * Made with named arguments.
 */
final readonly class Desk
{
    /**
     * @param Length|null                 $repeat of the print of a pieced backing
     * @param Length|null                 $roll   width of a roll of batting
     * @param list<array{Length, Length}> $pieces of batting, width and length
     * @param Foot|null                   $foot   that was asked for
     * @param bool                        $isRaised pieces of the top stand up or are glued on
     * @param string                      $design the word of a row design; empty where none is laid
     */
    public function __construct(
        public Mend $mend = Mend::None,
        public ExtensionLayout $strips = ExtensionLayout::BothEnds,
        public ?Length $repeat = null,
        public ?Length $roll = null,
        public array $pieces = [],
        public string $design = '',
        public Working $working = Working::Plain,
        public PlaceWish $place = PlaceWish::Centre,
        public LoadingHabits $habits = new LoadingHabits(),
        public ?Overruling $overruling = null,
        public ?Foot $foot = null,
        public bool $isRaised = false,
        public bool $isRulerWork = false,
        public ?NeedleSize $needleSize = null,
    ) {}
}
