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
    private const WIDEST_TURN_STEPS = 100;
    private const STEP_DEGREES = 0.05;

    /**
     * @param list<Angle> $angles    least turn first
     * @param Fit         $greatest  the rectangle of greatest area, in the backing's own position
     * @param Direction   $direction how it lies; sizes across and along are those of that position
     */
    private function __construct(
        public Quadrilateral $outline,
        public bool $isSquareKnown,
        private array $angles,
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
        $angles = $isSquareKnown ? self::anglesOf($outline) : [self::upright($outline)];

        return new self(
            $outline,
            $isSquareKnown,
            $angles,
            self::greatestOf($angles),
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
            angles: $this->angles,
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
        [$turn, $longest] = [0.0, -\INF];
        $size = $across->toMillimetres();
        foreach ($this->angles as $angle) {
            $length = $this->isTurned() ? $angle->widestAt($size) : $angle->longestAt($size);
            if ($length > $longest + 1e-6) {
                [$turn, $longest] = [$angle->radians, $length];
            }
        }

        return $turn;
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
        return $this->known->lengths[$width->nanometres] ??= $this->possible(
            $this->most($width, static fn(Angle $angle, float $size): float => $angle->longestAt($size)),
        );
    }

    private function widestMeasured(Length $length): Length
    {
        return $this->known->widths[$length->nanometres] ??= $this->possible(
            $this->most($length, static fn(Angle $angle, float $size): float => $angle->widestAt($size)),
        );
    }

    /** @param \Closure(Angle, float): float $sizeAt */
    private function most(Length $other, \Closure $sizeAt): float
    {
        [$best, $size] = [-\INF, $other->toMillimetres()];
        foreach ($this->angles as $angle) {
            $best = max($best, $sizeAt($angle, $size));
        }

        return $best;
    }

    private function possible(float $size): Length
    {
        return Length::millimetres($size > 0 && is_finite($size) ? $size : 0);
    }

    /** @param list<Angle> $angles */
    private static function greatestOf(array $angles): Fit
    {
        [$area, $best] = [0.0, new Fit(Length::zero(), Length::zero(), 0.0)];
        foreach ($angles as $angle) {
            if ($angle->mostArea() <= $area + 1e-6) {
                continue;
            }
            [$width, $length] = $angle->greatest();
            if ($width * $length > $area + 1e-6) {
                $area = $width * $length;
                $best = new Fit(Length::millimetres($width), Length::millimetres($length), $angle->radians);
            }
        }

        return $best;
    }

    private static function upright(Quadrilateral $rectangle): Angle
    {
        return new Angle(0.0, [new Bound(1, 0, $rectangle->topRight->x), new Bound(0, 1, $rectangle->bottomLeft->y)]);
    }

    /** @return list<Angle> */
    private static function anglesOf(Quadrilateral $outline): array
    {
        $sides = Side::around($outline);
        $turns = array_map(static fn(Side $side): float => $side->turn(), $sides);
        for ($step = -self::WIDEST_TURN_STEPS; $step <= self::WIDEST_TURN_STEPS; ++$step) {
            $turns[] = deg2rad($step * self::STEP_DEGREES);
        }
        $turns = array_filter($turns, static fn(float $turn): bool => abs($turn) <= deg2rad(5) + 1e-9);
        usort($turns, static fn(float $one, float $other): int => abs($one) <=> abs($other) ?: $one <=> $other);
        $balances = Balance::among($sides);

        return array_map(
            static fn(float $turn): Angle => new Angle(
                $turn,
                array_map(static fn(Balance $balance): Bound => $balance->boundAt($turn), $balances),
            ),
            $turns,
        );
    }
}
