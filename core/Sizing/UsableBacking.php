<?php

declare(strict_types=1);

namespace Schwung\Core\Sizing;

use Schwung\Core\Material\Backing;
use Schwung\Core\Material\Direction;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\Quadrilateral;

/**
 * Rule 4: which true rectangles a crooked backing gives, a geometric fact.
 *
 * At an angle, a rectangle W × L fits when its centre can be kept within the four sides moved in by half the
 * rectangle. By Farkas' lemma that is so exactly when each three sides whose inward normals balance
 * (Σ λn = 0, λ ≥ 0) leave room: Σ λ(k + W/2·|n·u| + L/2·|n·v|) ≤ 0, a straight bound a·W + b·L ≤ c. The angles
 * are those from −5° to 5° by 0.05° and the sides' own. Without a diagonal the shorter sides alone bound it.
 */
final readonly class UsableBacking
{
    /**
     * @param Fit       $greatest  the rectangle of greatest area, in the backing's own position
     * @param Direction $direction how it lies; sizes across and along are those of that position
     */
    private function __construct(
        public Quadrilateral $outline,
        public bool $isSquareKnown,
        private Turns $turns,
        private Fit $greatest,
        private Length $longerAcross,
        private Length $longerAlong,
        public Direction $direction,
        private KnownSizes $known = new KnownSizes(),
    ) {}

    /** @throws \Schwung\Core\Measure\Exception\ImpossibleQuadrilateral if the measures cannot be */
    public static function of(Backing $backing): self
    {
        $outline = $backing->outline();
        $isSquareKnown = null !== $backing->diagonal;
        $turns = $isSquareKnown ? Turns::within($outline) : Turns::upright($outline);

        return new self(
            $outline,
            $isSquareKnown,
            $turns,
            self::greatestOf($turns),
            Length::longest($backing->top, $backing->bottom),
            Length::longest($backing->left, $backing->right),
            Direction::AsIs,
        );
    }

    /** The same cloth as it lies when the quilt is given a quarter turn: its across becomes the loaded along. */
    public function loaded(Direction $direction): self
    {
        return new self(
            outline: $this->outline,
            isSquareKnown: $this->isSquareKnown,
            turns: $this->turns,
            greatest: $this->greatest,
            longerAcross: $this->longerAcross,
            longerAlong: $this->longerAlong,
            direction: $direction,
            known: $this->known,
        );
    }

    /** The rectangle of greatest area; of equal ones the least turned. */
    public function squaredUp(): Fit
    {
        return $this->isTurned()
            ? new Fit($this->greatest->along, $this->greatest->across, $this->greatest->turn)
            : $this->greatest;
    }

    /** The greatest length that fits at this width; null where none does. */
    public function longestAt(Length $across): ?Length
    {
        $longest = $this->isTurned() ? $this->widestMeasured($across) : $this->longestMeasured($across);

        return $longest->isPositive() ? $longest : null;
    }

    /** The greatest width that fits at this length; null where none does. */
    public function widestAt(Length $along): ?Length
    {
        $widest = $this->isTurned() ? $this->longestMeasured($along) : $this->widestMeasured($along);

        return $widest->isPositive() ? $widest : null;
    }

    /** The turn (radians) that leaves most length at this width. */
    public function turnAt(Length $across): float
    {
        $size = $across->toMillimetres();
        [$angle] = $this->turns->best(
            $this->isTurned()
                ? static fn(Angle $angle): float => $angle->widestAt($size)
                : static fn(Angle $angle): float => $angle->longestAt($size),
        );

        return $angle->radians;
    }

    /** What squaring up costs across: the longer of the two sides less the squared-up size. */
    public function lostAcross(Fit $squaredUp): Length
    {
        return ($this->isTurned() ? $this->longerAlong : $this->longerAcross)->minus($squaredUp->across);
    }

    /** What squaring up costs along: the longer of the two sides less the squared-up size. */
    public function lostAlong(Fit $squaredUp): Length
    {
        return ($this->isTurned() ? $this->longerAcross : $this->longerAlong)->minus($squaredUp->along);
    }

    private function isTurned(): bool
    {
        return Direction::Turned === $this->direction;
    }

    private function longestMeasured(Length $width): Length
    {
        $size = $width->toMillimetres();

        return $this->known->lengths[$width->nanometres] ??= $this->possible(
            $this->turns->best(static fn(Angle $angle): float => $angle->longestAt($size))[1],
        );
    }

    private function widestMeasured(Length $length): Length
    {
        $size = $length->toMillimetres();

        return $this->known->widths[$length->nanometres] ??= $this->possible(
            $this->turns->best(static fn(Angle $angle): float => $angle->widestAt($size))[1],
        );
    }

    private function possible(float $size): Length
    {
        return Length::millimetres($size > 0 && is_finite($size) ? $size : 0);
    }

    private static function greatestOf(Turns $turns): Fit
    {
        [$angle] = $turns->best(
            static fn(Angle $angle): float => array_product($angle->greatest()),
            static fn(Angle $angle): float => $angle->mostArea(),
        );
        [$width, $length] = $angle->greatest();

        return new Fit(Length::millimetres($width), Length::millimetres($length), $angle->radians);
    }
}
