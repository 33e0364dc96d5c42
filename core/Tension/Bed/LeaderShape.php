<?php

declare(strict_types=1);

namespace Schwung\Core\Tension\Bed;

use Schwung\Core\Measure\Figure;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\Term;
use Schwung\Core\Measure\Worked;

/** How far a leader is from straight across the width of the cloth: longer means that cloth hangs there. */
final readonly class LeaderShape
{
    /**
     * @param Length $tilt longer at the right end than at the left; negative where the left is longer
     * @param Length $bow  longer in the middle than at its ends; negative where the ends are longer
     */
    public function __construct(public Length $tilt, public Length $bow) {}

    public static function straight(): self
    {
        return new self(Length::zero(), Length::zero());
    }

    /** How much longer it is here than at its shortest, in millimetres; $at from -1 (left end) to 1 (right end). */
    public function longerAt(float $at): float
    {
        return $this->distance($at) - min(array_map($this->distance(...), [-1.0, -0.5, 0.0, 0.5, 1.0]));
    }

    /** By how much it brings one side before the other. */
    public function ahead(): Worked
    {
        $tilt = $this->tilt->absolute();

        return new Worked(Figure::measured($tilt), 'What the leader is longer at one end than at the other.', [
            new Term(
                'tilt',
                Figure::measured($this->tilt),
                $this->tilt->isNegative() ? 'longer at the left' : 'longer at the right',
            ),
        ]);
    }

    private function distance(float $at): float
    {
        return ($this->tilt->toMillimetres() * $at) / 2 + $this->bow->toMillimetres() * (1 - $at ** 2);
    }
}
