<?php

declare(strict_types=1);

namespace App\Drawing;

use Schwung\Core\Measure\UnitSystem;

/**
 * Ticks of a ruler with its zero on the plane's zero: every 5 in, or every 10 cm; labelled every second one or fifth.
 */
final readonly class Ruler
{
    public function __construct(private UnitSystem $units) {}

    /** @return list<Tick> from $from to $to in millimetres */
    public function ticks(float $from, float $to): array
    {
        [$step, $perLabel, $unitsPerStep] = UnitSystem::Inches === $this->units ? [127.0, 2, 5] : [100.0, 2, 10];
        $ticks = [];
        for ($n = (int) ceil($from / $step); $n <= floor($to / $step); ++$n) {
            $ticks[] = new Tick($n * $step, 0 === $n % $perLabel ? (string) abs($n * $unitsPerStep) : null);
        }

        return $ticks;
    }
}
