<?php

declare(strict_types=1);

namespace App\Bench;

use Twig\Attribute\AsTwigFilter;

/** Minutes as a person says them. */
final class MinutesExtension
{
    /** "45 min", "2 h", "3 h 20 min" */
    #[AsTwigFilter('in_hours')]
    public function inHours(float $minutes): string
    {
        $whole = (int) round($minutes);

        return match (true) {
            $whole < 60 => "$whole min",
            0 === $whole % 60 => intdiv($whole, 60) . ' h',
            default => intdiv($whole, 60) . ' h ' . $whole % 60 . ' min',
        };
    }
}
