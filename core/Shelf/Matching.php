<?php

declare(strict_types=1);

namespace Schwung\Core\Shelf;

/**
 * Gives every row either a column that no other row has, or a choice of its own, at the least sum.
 *
 * The Hungarian method with potentials, a row at a time by a shortest augmenting path (Kuhn, Munkres; in the form of
 * Jonker and Volgenant). A path may end at a free column, or at a row that can make do with its own choice. At most
 * rows² × columns steps. Exact: all costs are whole numbers.
 *
 * @internal
 */
final class Matching
{
    /** Before the first column of a path. */
    private const START = -1;

    /** @var array<int, int> by row: what is paid for it */
    private array $paid;
    /** @var array<int, int> by column: what it saves */
    private array $saved;
    /** @var array<int, int|null> by column: the row that has it */
    private array $holder;
    private int $steps = 0;

    /**
     * @param list<array<int, int>> $costs by row and column, as far as the row can have the column
     * @param list<int>             $own   by row: what its own choice costs
     */
    public function __construct(private readonly array $costs, private readonly array $own, int $columns)
    {
        $this->paid = array_fill(0, \count($costs), 0);
        $this->saved = array_fill(0, $columns, 0);
        $this->holder = array_fill(0, $columns, null);
    }

    /** @return list<int|null> by row its column; null for its own choice */
    public function solve(): array
    {
        foreach (array_keys($this->costs) as $row) {
            $this->place($row);
        }
        $held = array_flip(array_filter($this->holder, static fn(?int $row): bool => null !== $row));

        return array_map(static fn(int $row): ?int => $held[$row] ?? null, array_keys($this->costs));
    }

    /** How much work it was. */
    public function steps(): int
    {
        return $this->steps;
    }

    private function place(int $row): void
    {
        [$reach, $by, $tree, $taken] = [[], [], [$row], []];
        [$ownReach, $endsAt] = [\PHP_INT_MAX, self::START];
        $came = self::START;
        $current = $row;
        while (true) {
            $slack = $this->own[$current] - $this->paid[$current];
            if ($slack < $ownReach) {
                [$ownReach, $endsAt] = [$slack, $came];
            }
            foreach ($this->costs[$current] as $column => $cost) {
                ++$this->steps;
                $slack = $cost - $this->paid[$current] - $this->saved[$column];
                if (!isset($taken[$column]) && $slack < ($reach[$column] ?? \PHP_INT_MAX)) {
                    [$reach[$column], $by[$column]] = [$slack, $came];
                }
            }
            [$step, $nearest] = [$ownReach, null];
            foreach ($reach as $column => $slack) {
                if ($slack < $step) {
                    [$step, $nearest] = [$slack, $column];
                }
            }
            $this->pay($step, $tree, $taken);
            $ownReach -= $step;
            foreach ($reach as $column => $slack) {
                $reach[$column] = $slack - $step;
            }
            if (null === $nearest || null === $this->holder[$nearest]) {
                $this->handOn($nearest ?? $endsAt, $by, $row);

                return;
            }
            unset($reach[$nearest]);
            $taken[$nearest] = true;
            [$came, $current] = [$nearest, $this->holder[$nearest]];
            $tree[] = $current;
        }
    }

    /**
     * @param list<int>        $tree  rows that may change
     * @param array<int, true> $taken columns that may change hands
     */
    private function pay(int $step, array $tree, array $taken): void
    {
        foreach ($tree as $row) {
            $this->paid[$row] += $step;
        }
        foreach ($taken as $column => $_) {
            $this->saved[$column] -= $step;
        }
    }

    /**
     * Back along the path every column goes to the row that reached it.
     *
     * @param array<int, int> $by by column: the column whose row reached it
     */
    private function handOn(int $column, array $by, int $row): void
    {
        while (self::START !== $column) {
            $before = $by[$column];
            $this->holder[$column] = self::START === $before ? $row : $this->holder[$before];
            $column = $before;
        }
    }
}
