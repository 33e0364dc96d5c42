<?php

declare(strict_types=1);

namespace Schwung\Core\Sizing;

use Schwung\Core\Measure\Quadrilateral;

/**
 * The angles at which a rectangle may lie in a backing, and the search for the one that serves best.
 *
 * Between two directions in which a side lies level or upright, how much a bound asks of width and of length is a sum
 * of arcs of sines and so bends downward: it is least at an end. What the least of both ends allows, no angle between
 * them exceeds, and a stretch that cannot better what is found is passed over.
 *
 * @internal
 */
final class Turns
{
    private const WIDEST_STEPS = 100;
    private const STEP_DEGREES = 0.05;
    private const WIDEST_RADIANS = (5 * \M_PI) / 180 + 1e-9;
    /** Better by less is the same. */
    private const SAME = 1e-6;

    /** @var array<int, Angle> by place among the turns, once they are worked out */
    private array $angles = [];

    /** @var array<int, array<int, Angle>> what at most is possible between two places */
    private array $between = [];

    /** @var list<array{int, int}> the stretches between the directions of sides, least turn first */
    private readonly array $stretches;

    /** @var non-empty-list<int> where stretches end, least turn first */
    private readonly array $ends;

    /**
     * @param non-empty-list<float> $turns    in radians, ascending
     * @param list<float>           $sides    those among them in which a side lies
     * @param list<Balance>         $balances
     */
    private function __construct(private readonly array $turns, array $sides, private readonly array $balances)
    {
        $last = \count($turns) - 1;
        $ends = array_values(
            array_filter(
                range(0, $last),
                static fn(int $i): bool => \in_array($i, [0, $last], true) ||
                    0.0 === $turns[$i] ||
                    \in_array($turns[$i], $sides, true),
            ),
        );
        $stretches = array_map(
            static fn(int $low, int $high): array => [$low, $high],
            \array_slice($ends, 0, -1),
            \array_slice($ends, 1),
        );
        $turned = static fn(int $i): float => abs($turns[$i]);
        usort($ends, static fn(int $one, int $other): int => $turned($one) <=> $turned($other) ?: $one <=> $other);
        usort(
            $stretches,
            static fn(array $one, array $other): int => min(array_map($turned, $one)) <=>
                min(array_map($turned, $other)),
        );
        \assert([] !== $ends);
        [$this->ends, $this->stretches] = [$ends, $stretches];
    }

    public static function within(Quadrilateral $outline): self
    {
        $sides = Side::around($outline);
        $own = array_values(
            array_filter(
                array_map(static fn(Side $side): float => $side->turn(), $sides),
                static fn(float $turn): bool => abs($turn) <= self::WIDEST_RADIANS,
            ),
        );
        $turns = $own;
        for ($step = -self::WIDEST_STEPS; $step <= self::WIDEST_STEPS; ++$step) {
            $turns[] = deg2rad($step * self::STEP_DEGREES);
        }
        sort($turns);

        return new self($turns, $own, Balance::among($sides));
    }

    /** Where nobody knows how crooked the cloth is: upright, within the shorter sides. */
    public static function upright(Quadrilateral $rectangle): self
    {
        $turns = new self([0.0], [], []);
        $turns->angles[0] = new Angle(0.0, [
            new Bound(1, 0, $rectangle->topRight->x),
            new Bound(0, 1, $rectangle->bottomLeft->y),
        ]);

        return $turns;
    }

    /**
     * The angle at which a value is greatest; of alike ones that of the least turn.
     *
     * @param \Closure(Angle): float      $value  greater where the bounds are looser
     * @param \Closure(Angle): float|null $atMost never less than the value; quicker to work out
     *
     * @return array{Angle, float} with the value there
     */
    public function best(\Closure $value, ?\Closure $atMost = null): array
    {
        $best = [$this->at($this->ends[0]), -\INF];
        foreach ($this->ends as $i) {
            $best = $this->better($best, $i, $value, $atMost);
        }
        $open = array_reverse($this->stretches);
        while (null !== ($stretch = array_pop($open))) {
            [$low, $high] = $stretch;
            if ($high - $low < 2 || ($atMost ?? $value)($this->loosest($low, $high)) <= $best[1] + self::SAME) {
                continue;
            }
            $middle = intdiv($low + $high, 2);
            $best = $this->better($best, $middle, $value, $atMost);
            $halves = [[$low, $middle], [$middle, $high]];
            array_push($open, ...$this->turns[$middle] > 0 ? array_reverse($halves) : $halves);
        }

        return $best;
    }

    /**
     * @param array{Angle, float}         $best
     * @param \Closure(Angle): float      $value
     * @param \Closure(Angle): float|null $atMost
     *
     * @return array{Angle, float}
     */
    private function better(array $best, int $place, \Closure $value, ?\Closure $atMost): array
    {
        $angle = $this->at($place);
        if (null !== $atMost && $atMost($angle) <= $best[1] + self::SAME) {
            return $best;
        }
        $here = $value($angle);

        return $here > $best[1] + self::SAME ? [$angle, $here] : $best;
    }

    private function at(int $place): Angle
    {
        return $this->angles[$place] ??= new Angle(
            $this->turns[$place],
            array_map(fn(Balance $balance): Bound => $balance->boundAt($this->turns[$place]), $this->balances),
        );
    }

    /** An angle that asks no more than any between two places. */
    private function loosest(int $low, int $high): Angle
    {
        return $this->between[$low][$high] ??= new Angle(
            $this->turns[$low],
            array_map(
                static fn(Bound $one, Bound $other): Bound => new Bound(
                    min($one->a, $other->a),
                    min($one->b, $other->b),
                    $one->c,
                ),
                $this->at($low)->bounds,
                $this->at($high)->bounds,
            ),
        );
    }
}
