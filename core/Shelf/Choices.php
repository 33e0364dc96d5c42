<?php

declare(strict_types=1);

namespace Schwung\Core\Shelf;

/**
 * What each need of one kind can have, and what that costs: one whole number for the three wishes in their order, so
 * that a need that is served outweighs all cloth, and new cloth all that is left over.
 *
 * @internal
 */
final readonly class Choices
{
    /** Areas in square millimetres, ten of them a unit; more only where sums would outgrow a whole number. */
    private const UNIT = 10.0;
    private const MOST = 4e17;

    /** @var list<array<int, Cut>> by need and roll */
    public array $cuts;
    /** @var list<array<int, Cut>> by need and piece */
    public array $whole;
    /** @var list<array<int, int>> by need and roll: what the cut costs */
    public array $cloth;
    /** @var list<array<int, int>> by need and piece: what is left of it */
    public array $left;
    /** What it costs to leave a need without. */
    public int $without;

    /**
     * @param list<Roll>  $rolls
     * @param list<Piece> $pieces
     * @param list<Need>  $needs
     */
    public function __construct(public array $rolls, array $pieces, public array $needs)
    {
        $this->cuts = array_map(static fn(Need $need): array => self::of($rolls, $need), $needs);
        $this->whole = array_map(static fn(Need $need): array => self::of($pieces, $need), $needs);
        [$cloth, $left] = [[], []];
        foreach ($this->cuts as $cuts) {
            $areas = [];
            foreach ($cuts as $r => $cut) {
                $areas[$r] = $rolls[$r]->width->toMillimetres() * (float) $cut->length?->toMillimetres();
            }
            $cloth[] = $areas;
        }
        foreach ($this->whole as $n => $whole) {
            $area = $needs[$n]->across->toMillimetres() * $needs[$n]->along->toMillimetres();
            $areas = [];
            foreach (array_keys($whole) as $p) {
                $areas[$p] = $pieces[$p]->width->toMillimetres() * $pieces[$p]->length->toMillimetres() - $area;
            }
            $left[] = $areas;
        }
        [$this->cloth, $this->left, $this->without] = self::weighed($cloth, $left);
    }

    /** The columns that a matching has. */
    public function pieces(): int
    {
        return 1 +
            max([-1, ...array_map(static fn(array $of): int => [] === $of ? -1 : max(array_keys($of)), $this->left)]);
    }

    /**
     * @template T of Roll|Piece
     *
     * @param list<T> $things
     *
     * @return array<int, Cut>
     */
    private static function of(array $things, Need $need): array
    {
        return array_filter(array_map(static fn(Roll|Piece $one): ?Cut => $one->cut($need), $things));
    }

    /**
     * @param list<array<int, float>> $cloth
     * @param list<array<int, float>> $left
     *
     * @return array{list<array<int, int>>, list<array<int, int>>, int}
     */
    private static function weighed(array $cloth, array $left): array
    {
        $unit = self::UNIT;
        do {
            [$ofCloth, $ofLeft] = [self::most($left, $unit), self::most($cloth, $unit)];
            $isTooMuch = $ofCloth * $ofLeft * (\count($cloth) + 1) > self::MOST;
            $unit *= $isTooMuch ? 4 : 1;
        } while ($isTooMuch);

        return [
            self::inUnits($cloth, $unit, (int) $ofCloth),
            self::inUnits($left, $unit, 1),
            (int) $ofCloth * (int) $ofLeft,
        ];
    }

    /**
     * More than all needs together can come to.
     *
     * @param list<array<int, float>> $areas
     */
    private static function most(array $areas, float $unit): float
    {
        $most = 1.0;
        foreach ($areas as $of) {
            $most += 1 + max([0.0, ...$of]) / $unit;
        }

        return ceil($most);
    }

    /**
     * @param list<array<int, float>> $areas
     *
     * @return list<array<int, int>>
     */
    private static function inUnits(array $areas, float $unit, int $times): array
    {
        $in = [];
        foreach ($areas as $of) {
            $units = [];
            foreach ($of as $i => $area) {
                $units[$i] = $times * (int) round($area / $unit);
            }
            $in[] = $units;
        }

        return $in;
    }
}
