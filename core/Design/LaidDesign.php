<?php

declare(strict_types=1);

namespace Schwung\Core\Design;

use Schwung\Core\Advance\RowLayout;
use Schwung\Core\Measure\Length;

/**
 * A row design really laid over a quilt: every row as the layout says, whole repeats centred on the quilt's width and
 * covering it. Places in millimetres, x = 0 at the quilt's middle, y = 0 at its lead edge.
 */
final readonly class LaidDesign
{
    public float $scale;
    /** @var positive-int */
    public int $repeats;

    public function __construct(public StitchPath $path, public RowLayout $rows, public Length $across)
    {
        $this->scale = $rows->height->toMillimetres() / $path->height()->toMillimetres();
        $this->repeats = max(1, (int) ceil($across->toMillimetres() / $this->repeat() - 1e-9));
    }

    /** How wide one repeat is as laid. */
    public function repeat(): float
    {
        return $this->path->repeat()->toMillimetres() * $this->scale;
    }

    /** @return list<array{float, float}> where the left and highest point of each repeat lies, row by row */
    public function places(): array
    {
        $left = (-$this->repeats * $this->repeat()) / 2;
        $places = [];
        for ($row = 0; $row < $this->rows->count; ++$row) {
            for ($i = 0; $i < $this->repeats; ++$i) {
                $places[] = [$left + $i * $this->repeat(), $this->rows->start($row)->toMillimetres()];
            }
        }

        return $places;
    }

    /** All that is stitched, the ways between rows not counted. */
    public function stitched(): Length
    {
        return Length::millimetres(
            $this->path->stitched()->toMillimetres() * $this->scale * $this->repeats * $this->rows->count,
        );
    }

    /**
     * How far at most from one dip of the last row to the next, where it comes so near to the tail edge; null where it
     * never does.
     */
    public function betweenDips(Length $along, Length $near): ?Length
    {
        $last = $this->rows->start($this->rows->count - 1)->toMillimetres();
        $lowest = $along->minus($near)->toMillimetres();
        $dips = [];
        foreach (array_merge([], ...$this->path->lines) as $point) {
            if ($last + $point->y * $this->scale >= $lowest) {
                $dips[] = $point->x * $this->scale;
            }
        }
        if ([] === $dips) {
            return null;
        }
        sort($dips);
        $widest = $this->repeat() - $dips[\count($dips) - 1] + $dips[0];
        for ($i = 1; $i < \count($dips); ++$i) {
            $widest = max($widest, $dips[$i] - $dips[$i - 1]);
        }

        return Length::millimetres($widest);
    }
}
