<?php

declare(strict_types=1);

namespace Schwung\Core\Loading;

use Schwung\Core\Measure\Phrase;
use Schwung\Core\Practice\School;

/** One thing to do at the frame. */
final readonly class Step
{
    /**
     * @param string        $key    the same for the same step of any plan: "attach-lead", "pass-4-advance"
     * @param float         $minutes expected; an estimate
     * @param list<Setting> $needs  how the frame must stand before it
     * @param list<Setting> $leaves how the frame stands after it
     * @param int|null      $pass   from 1, over both halves of a quilt that is turned round
     * @param \Closure(ClothState): ClothState|null $does what it does to the cloth; null where it only looks or sets
     * @param list<Phrase>  $ticks  what of it is easily forgotten, to be ticked one by one
     * @param School|null   $school the school that made it so; null where every school does it alike
     */
    public function __construct(
        public string $key,
        public Group $group,
        public StepKind $kind,
        public StepText $text,
        public Shown $shows,
        public float $minutes,
        public array $needs = [],
        public array $leaves = [],
        public ReadingKind $reads = ReadingKind::None,
        public ?int $pass = null,
        public ?\Closure $does = null,
        public ?School $school = null,
        public Weight $weight = Weight::Must,
        public array $ticks = [],
    ) {}
}
