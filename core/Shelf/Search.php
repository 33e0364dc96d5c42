<?php

declare(strict_types=1);

namespace Schwung\Core\Shelf;

/**
 * The assignment of one kind. Without rolls that run out it is a matching. Where one does, its length gets a price
 * (Lagrange's relaxation): the matching that minds the prices can only be too good, and says so how good any answer can
 * be. What is left open is decided need by need (branch and bound).
 *
 * @internal
 */
final class Search
{
    private const ROUNDS = 40;
    private const NANOMETRES = 1_000_000;
    /** Decided: by none of the rolls. */
    private const NO_ROLL = -1;
    /** All prices of all cuts together stay within a whole number. */
    private const DEAREST = 4_000_000_000_000_000_000;

    private int $steps = 0;
    private bool $isProved = true;
    /** @var array{int, array<int, int>, list<int|null>} what the best costs, the roll of each need on one, the piece of each other */
    private array $best;
    /** @var list<int> needs, the longest cut first; last those that no roll could serve */
    private array $order;
    /** @var array<int, int> by roll: the highest price of a millimetre */
    private array $dearest;

    public function __construct(private readonly Choices $choices, private readonly int $effort)
    {
        $shortest = array_map(
            fn(int $n): int => min([
                \PHP_INT_MAX,
                ...array_map(fn(int $r): int => $this->cut($n, $r), $this->rollsOf($n)),
            ]),
            array_keys($choices->needs),
        );
        $isServed = array_map(static fn(array $cuts): bool => [] !== $cuts, $choices->cuts);
        $order = array_keys($choices->needs);
        usort(
            $order,
            static fn(int $one, int $other): int => [$isServed[$other], $shortest[$other], $one] <=> [
                $isServed[$one],
                $shortest[$one],
                $other,
            ],
        );
        $this->order = $order;
        $all = array_fill(0, \count($choices->rolls), 1);
        foreach ($order as $n) {
            foreach ($this->rollsOf($n) as $r) {
                $all[$r] += intdiv($this->cut($n, $r), self::NANOMETRES);
            }
        }
        $this->dearest = array_map(
            static fn(int $mm): int => intdiv(intdiv(self::DEAREST, \count($choices->rolls)), $mm),
            $all,
        );
        $this->best = $this->withPieces([]);
    }

    /** @return array<string, Cut> by id of the need, those that are served */
    public function solve(): array
    {
        foreach ([array_keys($this->choices->needs), $this->order, array_reverse($this->order)] as $order) {
            $this->takeInTurn($order);
        }
        $prices = $this->prices();
        if (null !== $prices) {
            $this->branch([], $prices);
        }
        [, $rolls, $pieces] = $this->best;
        $cuts = [];
        foreach ($this->choices->needs as $n => $need) {
            $cut = isset($rolls[$n])
                ? $this->choices->cuts[$n][$rolls[$n]]
                : $this->choices->whole[$n][$pieces[$n] ?? self::NO_ROLL] ?? null;
            if (null !== $cut) {
                $cuts[$need->id] = $cut;
            }
        }

        return $cuts;
    }

    public function steps(): int
    {
        return $this->steps;
    }

    public function isProved(): bool
    {
        return $this->isProved;
    }

    /**
     * One quilt after the other: a piece where one is left, else the roll that gives it with least cloth.
     *
     * @param list<int> $order
     */
    private function takeInTurn(array $order): void
    {
        [$rolls, $left, $taken] = [[], $this->lengths([]), []];
        foreach ($order as $n) {
            $pieces = array_diff_key($this->choices->left[$n], $taken);
            if ([] !== $pieces) {
                $taken[array_search(min($pieces), $pieces, true)] = true;
                continue;
            }
            $roll = $this->cheapestRoll($n, $left);
            if (null !== $roll) {
                $rolls[$n] = $roll;
                $left[$roll] -= $this->cut($n, $roll);
            }
        }
        $this->keep($this->withPieces($rolls));
    }

    /**
     * Prices by roll that show best how good an answer can be; null where the best is found already.
     *
     * @return array<int, int>|null for each millimetre
     */
    private function prices(): ?array
    {
        $prices = array_fill(0, \count($this->choices->rolls), 0);
        [$best, $bound, $stride] = [$prices, \PHP_INT_MIN, 1.0];
        for ($round = 0; 0 === $round || ($round < self::ROUNDS && $this->steps < $this->effort); ++$round) {
            [$least, $rolls, $columns] = $this->relaxed([], $prices);
            [$bound, $best, $stride] = $least > $bound ? [$least, $prices, $stride] : [$bound, $best, $stride * 0.8];
            $over = $this->over($rolls);
            $this->mend($columns);
            if (0 === $round && max([0, ...$over]) <= 0) {
                $this->keep($this->withPieces($rolls));
            }
            if ($bound >= $this->best[0]) {
                return null;
            }
            $squares = array_sum(array_map(static fn(int $mm): float => (float) $mm ** 2, $over));
            if (0.0 === $squares) {
                break;
            }
            foreach ($over as $r => $mm) {
                $price = $prices[$r] + ($stride * ($this->best[0] - $least) * $mm) / $squares;
                $prices[$r] = (int) max(0, min($this->dearest[$r], $price));
            }
        }

        return $best;
    }

    /**
     * @param array<int, int> $decided by need the roll, or none
     * @param array<int, int> $prices
     */
    private function branch(array $decided, array $prices): void
    {
        if ($this->steps >= $this->effort) {
            $this->isProved = false;

            return;
        }
        [$least, $rolls] = $this->relaxed($decided, $prices);
        if ($least >= $this->best[0]) {
            return;
        }
        [$least, $asIf] = $this->relaxed($decided, array_fill(0, \count($prices), 0));
        if ($least >= $this->best[0]) {
            return;
        }
        if (max([0, ...$this->over($asIf)]) <= 0) {
            $this->keep($this->withPieces($asIf));

            return;
        }
        foreach ($this->order as $n) {
            if (!isset($decided[$n]) && [] !== $this->choices->cuts[$n]) {
                $this->decide($n, $rolls[$n] ?? self::NO_ROLL, $decided, $prices);

                return;
            }
        }
    }

    /**
     * @param array<int, int> $decided
     * @param array<int, int> $prices
     */
    private function decide(int $n, int $first, array $decided, array $prices): void
    {
        $left = $this->lengths($decided);
        $ways = [$first, ...array_keys($this->choices->cuts[$n]), self::NO_ROLL];
        $tried = [];
        foreach (array_unique($ways) as $way) {
            // Rolls of one width with as much left are one choice.
            $roll = $this->choices->rolls[$way] ?? null;
            $like = null === $roll ? 'none' : "{$roll->of} {$roll->width->nanometres} $left[$way]";
            if (isset($tried[$like]) || (null !== $roll && $this->cut($n, $way) > $left[$way])) {
                continue;
            }
            $tried[$like] = true;
            $this->branch($decided + [$n => $way], $prices);
        }
    }

    /**
     * The best if no roll ran out by what is not decided; what is cut costs its price beside.
     *
     * @param array<int, int> $decided
     * @param array<int, int> $prices
     *
     * @return array{int, array<int, int>, list<int|null>} how good any answer can be; the roll of each need on one, the
     *                                                     piece of each
     */
    private function relaxed(array $decided, array $prices): array
    {
        [$sum, $rolls, $costs, $own, $left] = [0, [], [], [], $this->lengths($decided)];
        foreach ($this->choices->left as $n => $pieces) {
            $roll = $decided[$n] ?? null;
            [$costs[$n], $own[$n]] = [$pieces, $this->choices->without];
            if (null !== $roll && self::NO_ROLL !== $roll) {
                [$costs[$n], $own[$n], $rolls[$n]] = [[], $this->priced($n, $roll, $prices), $roll];
            } elseif (null === $roll) {
                foreach ($this->choices->cuts[$n] as $r => $_) {
                    $cost = $this->priced($n, $r, $prices);
                    if ($this->cut($n, $r) <= $left[$r] && $cost < $own[$n]) {
                        [$own[$n], $rolls[$n]] = [$cost, $r];
                    }
                }
            }
        }
        $columns = $this->match($costs, $own);
        foreach ($columns as $n => $column) {
            $sum += null === $column ? $own[$n] : $costs[$n][$column];
            if (null !== $column) {
                unset($rolls[$n]);
            }
        }
        foreach ($prices as $r => $price) {
            $sum -= $price * (int) ceil($this->choices->rolls[$r]->length->nanometres / self::NANOMETRES);
        }

        return [$sum, $rolls, $columns];
    }

    /** @param array<int, int> $prices */
    private function priced(int $n, int $roll, array $prices): int
    {
        return $this->choices->cloth[$n][$roll] + $prices[$roll] * intdiv($this->cut($n, $roll), self::NANOMETRES);
    }

    /**
     * Makes an answer of a matching that minds prices: who has no piece is cut from the rolls, the shortest first.
     *
     * @param list<int|null> $columns
     */
    private function mend(array $columns): void
    {
        [$rolls, $left] = [[], $this->lengths([])];
        foreach (array_reverse($this->order) as $n) {
            $roll = null === $columns[$n] ? $this->cheapestRoll($n, $left) : null;
            if (null !== $roll) {
                $rolls[$n] = $roll;
                $left[$roll] -= $this->cut($n, $roll);
            }
        }
        $this->keep($this->withPieces($rolls));
    }

    /**
     * Pieces in the best way for all that have no roll.
     *
     * @param array<int, int> $rolls
     *
     * @return array{int, array<int, int>, list<int|null>}
     */
    private function withPieces(array $rolls): array
    {
        [$costs, $own, $sum] = [[], [], 0];
        foreach ($this->choices->left as $n => $pieces) {
            $costs[] = isset($rolls[$n]) ? [] : $pieces;
            $own[] = isset($rolls[$n]) ? $this->choices->cloth[$n][$rolls[$n]] : $this->choices->without;
        }
        $columns = $this->match($costs, $own);
        foreach ($columns as $n => $column) {
            $sum += null === $column ? $own[$n] : $costs[$n][$column];
        }

        return [$sum, $rolls, $columns];
    }

    /**
     * @param array<int, array<int, int>> $costs by need
     * @param array<int, int>             $own   by need
     *
     * @return list<int|null>
     */
    private function match(array $costs, array $own): array
    {
        $matching = new Matching(array_values($costs), array_values($own), $this->choices->pieces());
        $columns = $matching->solve();
        $this->steps += \count($costs) + $matching->steps();

        return $columns;
    }

    /** @param array{int, array<int, int>, list<int|null>} $found */
    private function keep(array $found): void
    {
        if ($found[0] < $this->best[0]) {
            $this->best = $found;
        }
    }

    /** @param array<int, int> $left nanometres by roll */
    private function cheapestRoll(int $n, array $left): ?int
    {
        $best = null;
        foreach ($this->choices->cloth[$n] as $r => $cost) {
            if (
                $this->cut($n, $r) <= $left[$r] &&
                (null === $best || [$cost, $left[$r]] < [$this->choices->cloth[$n][$best], $left[$best]])
            ) {
                $best = $r;
            }
        }

        return $best;
    }

    /**
     * @param array<int, int> $decided
     *
     * @return array<int, int> nanometres left by roll
     */
    private function lengths(array $decided): array
    {
        $left = array_map(static fn(Roll $roll): int => $roll->length->nanometres, $this->choices->rolls);
        foreach ($decided as $n => $roll) {
            if (self::NO_ROLL !== $roll) {
                $left[$roll] -= $this->cut($n, $roll);
            }
        }

        return $left;
    }

    /**
     * @param array<int, int> $rolls by need
     *
     * @return array<int, int> millimetres by roll that are wanted beyond what is there; negative where some is left
     */
    private function over(array $rolls): array
    {
        return array_map(static fn(int $left): int => (int) ceil(-$left / self::NANOMETRES), $this->lengths($rolls));
    }

    /** @return list<int> that are wide and long enough for a need */
    private function rollsOf(int $n): array
    {
        return array_keys($this->choices->cuts[$n]);
    }

    private function cut(int $n, int $roll): int
    {
        return (int) $this->choices->cuts[$n][$roll]->length?->nanometres;
    }
}
