<?php

declare(strict_types=1);

namespace Tests\Core\Shelf;

use Random\Engine\Mt19937;
use Random\Randomizer;
use Schwung\Core\Material\BattingKind;
use Schwung\Core\Measure\Length;
use Schwung\Core\Shelf\Assignment;
use Schwung\Core\Shelf\Need;
use Schwung\Core\Shelf\Piece;
use Schwung\Core\Shelf\Roll;

/** Shelves of one seed each, and what an answer is worth, in the order of the wishes. */
final readonly class Shelves
{
    /**
     * @param list<Roll>  $rolls
     * @param list<Piece> $pieces
     * @param list<Need>  $needs
     */
    private function __construct(public array $rolls, public array $pieces, public array $needs) {}

    /** @param float $of how long the rolls are; of less than 1 some needs find nothing */
    public static function random(int $seed, int $needs, int $pieces, int $rolls, float $of = 1, int $kinds = 1): self
    {
        $random = new Randomizer(new Mt19937($seed));
        $kind = static fn(): BattingKind => BattingKind::cases()[$random->getInt(0, $kinds - 1)];
        $whose = static fn(string ...$clients): string => $clients[$random->getInt(0, \count($clients) - 1)];

        return new self(
            self::each(
                $rolls,
                static fn(int $i): Roll => new Roll(
                    "R$i",
                    $kind(),
                    Length::inches([60, 96, 108, 120][$random->getInt(0, 3)]),
                    Length::inches($of * $random->getInt(60, 600)),
                    $whose('', '', '', 'ann'),
                ),
            ),
            self::each(
                $pieces,
                static fn(int $i): Piece => new Piece(
                    "P$i",
                    $kind(),
                    Length::inches($random->getInt(12, 120)),
                    Length::inches($random->getInt(12, 120)),
                    $whose('', '', 'ann', 'bea'),
                ),
            ),
            self::each(
                $needs,
                static fn(int $i): Need => new Need(
                    "Q$i",
                    $kind(),
                    Length::inches($random->getInt(30, 110)),
                    Length::inches($random->getInt(30, 120)),
                    $whose('', 'ann', 'bea'),
                ),
            ),
        );
    }

    /**
     * @template T
     *
     * @param \Closure(int): T $make
     *
     * @return list<T>
     */
    private static function each(int $count, \Closure $make): array
    {
        $all = [];
        for ($i = 1; $i <= $count; ++$i) {
            $all[] = $make($i);
        }

        return $all;
    }

    /**
     * Every way there is.
     *
     * @return array{int, int, int} unserved, new cloth, left over, as areas() tells them
     */
    public function bestOfAll(): array
    {
        $best = [\PHP_INT_MAX, 0, 0];
        $this->serve(
            0,
            [],
            array_map(static fn(Roll $roll): int => $roll->length->nanometres, $this->rolls),
            [0, 0, 0],
            $best,
        );

        return $best;
    }

    /** @return array{int, int, int} one need after the other, each the best that is left for it */
    public function inTurn(): array
    {
        [$left, $used, $worth] = [[], [], [0, 0, 0]];
        foreach ($this->rolls as $r => $roll) {
            $left[$r] = $roll->length->nanometres;
        }
        foreach ($this->needs as $need) {
            $ways = $this->ways($need, $used, $left);
            usort($ways, static fn(array $one, array $other): int => $one[2] <=> $other[2]);
            if ([] === $ways) {
                ++$worth[0];
                continue;
            }
            [$used, $left] = $ways[0];
            $worth = [$worth[0], $worth[1] + $ways[0][2][0], $worth[2] + $ways[0][2][1]];
        }

        return $worth;
    }

    /**
     * @return array{int, int, int} unserved, then square millimetres by tens
     *
     * @throws \LogicException where anything is used twice, or does not serve
     */
    public function worth(Assignment $assignment): array
    {
        [$used, $left, $worth] = [[], [], [\count($assignment->unserved), 0, 0]];
        foreach ($this->rolls as $r => $roll) {
            $left[$r] = $roll->length->nanometres;
        }
        foreach ($assignment->cuts as $cut) {
            $need = array_values(
                array_filter($this->needs, static fn(Need $need): bool => $need->id === $cut->need),
            )[0];
            foreach ($this->ways($need, $used, $left) as [$usedThen, $leftThen, $costs, $from]) {
                if ($from === $cut->from) {
                    [$used, $left] = [$usedThen, $leftThen];
                    $worth = [$worth[0], $worth[1] + $costs[0], $worth[2] + $costs[1]];
                    continue 2;
                }
            }

            throw new \LogicException("{$cut->from} does not serve {$cut->need}, or not any more.");
        }

        return $worth;
    }

    /**
     * @param array<int, true> $used
     * @param array<int, int>  $left
     * @param array{int, int, int} $worth
     * @param array{int, int, int} $best
     */
    private function serve(int $n, array $used, array $left, array $worth, array &$best): void
    {
        if ($worth >= $best) {
            return;
        }
        if ($n === \count($this->needs)) {
            $best = $worth;

            return;
        }
        foreach ($this->ways($this->needs[$n], $used, $left) as [$usedThen, $leftThen, $costs]) {
            $then = [$worth[0], $worth[1] + $costs[0], $worth[2] + $costs[1]];
            $this->serve($n + 1, $usedThen, $leftThen, $then, $best);
        }
        $this->serve($n + 1, $used, $left, [$worth[0] + 1, $worth[1], $worth[2]], $best);
    }

    /**
     * @param array<int, true> $used
     * @param array<int, int>  $left
     *
     * @return list<array{array<int, true>, array<int, int>, array{int, int}, string}> then used, then left, what it costs, from
     */
    private function ways(Need $need, array $used, array $left): array
    {
        $ways = [];
        $tens = static fn(Length $one, Length $other): float => ($one->toMillimetres() * $other->toMillimetres()) / 10;
        foreach ($this->pieces as $p => $piece) {
            if (!isset($used[$p]) && null !== $piece->cut($need)) {
                $rest = $tens($piece->width, $piece->length) - $tens($need->across, $need->along);
                $ways[] = [$used + [$p => true], $left, [0, (int) round($rest)], $piece->id];
            }
        }
        foreach ($this->rolls as $r => $roll) {
            $length = $roll->cut($need)?->length;
            if (null !== $length && $length->nanometres <= $left[$r]) {
                $ways[] = [
                    $used,
                    [$r => $left[$r] - $length->nanometres] + $left,
                    [(int) round($tens($roll->width, $length)), 0],
                    $roll->id,
                ];
            }
        }

        return $ways;
    }
}
