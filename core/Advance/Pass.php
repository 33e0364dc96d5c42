<?php

declare(strict_types=1);

namespace Schwung\Core\Advance;

use Schwung\Core\Measure\Figure;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\Term;
use Schwung\Core\Measure\Worked;

/**
 * What is stitched before the quilt is advanced. Places are counted from the top's lead edge.
 *
 * Advance, turns and clicks lead to the next pass and are null for the last; clicks also without a ratchet.
 */
final readonly class Pass
{
    /** @param positive-int $number */
    public function __construct(
        private Roll $roll,
        public int $number,
        public Length $wound,
        public Length $from,
        public Length $to,
        public ?int $rows,
        public ?Length $advance,
        public ?float $turns,
        public ?int $clicks,
    ) {}

    public function depth(): Worked
    {
        return $this->roll->usableDepth($this->wound);
    }

    public function rollDiameter(): Worked
    {
        return $this->roll->diameter($this->wound);
    }

    public function isUnderArm(): bool
    {
        return $this->roll->isUnderArm($this->wound->toMillimetres());
    }

    public function spare(): Length
    {
        return $this->spareWorked()->length();
    }

    /** What of the depth is left over; rounding noise below zero is nothing. */
    public function spareWorked(): Worked
    {
        $depth = Length::millimetres($this->roll->depth($this->wound->toMillimetres()));
        $worked = $this->to->minus($this->from);

        return new Worked(
            Figure::left(Length::longest(Length::zero(), $depth->minus($worked))),
            'The usable depth less what this pass takes.',
            [
                new Term('usable depth', Figure::left($depth), 'roll'),
                new Term(
                    'taken',
                    Figure::needed($worked),
                    null === $this->rows
                        ? 'to the stop'
                        : (1 === $this->rows
                            ? '1 row'
                            : "$this->rows rows and the gaps between"),
                ),
            ],
        );
    }
}
