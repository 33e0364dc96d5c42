<?php

declare(strict_types=1);

namespace Schwung\Core\Advance;

use Schwung\Core\Material\Direction;
use Schwung\Core\Material\SeamKind;
use Schwung\Core\Material\Top;
use Schwung\Core\Material\TopSeam;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\Near;

/**
 * The seams that a pass may end on, and the plain borders before the first and after the last block, in millimetres
 * from the edge where the work begins.
 *
 * The first border ends at the border seam nearest the middle in the first half, the last begins likewise (rule 10).
 */
final readonly class SeamGrid
{
    /** @param list<float> $seams within the length, growing */
    private function __construct(
        public float $length,
        public array $seams,
        public float $firstBorder,
        public float $lastBorder,
    ) {}

    /** Of a top that is worked from its lead edge to its tail edge, once it is loaded this way round. */
    public static function fromLead(Top $top, Direction $direction): self
    {
        return self::of($top->along($direction), $top->seamsAlongRails($direction));
    }

    /** @param list<TopSeam> $seams from the edge where the work begins */
    public static function of(Length $along, array $seams): self
    {
        $length = $along->toMillimetres();
        [$first, $last, $all] = [0.0, $length, []];
        foreach ($seams as $seam) {
            $at = $seam->at->toMillimetres();
            if ($at <= 0 || $at >= $length) {
                continue;
            }
            $all[] = $at;
            if (SeamKind::Border === $seam->kind) {
                [$first, $last] = $at <= $length / 2 ? [max($first, $at), $last] : [$first, min($last, $at)];
            }
        }
        sort($all);

        return new self($length, $all, $first, $last);
    }

    /** The seam nearest the middle, the earlier of two; the middle itself where there is no seam. */
    public function nearestMiddle(): float
    {
        $nearest = null;
        foreach ($this->seams as $seam) {
            $nearest =
                null === $nearest ||
                abs($seam - $this->length / 2) < abs($nearest - $this->length / 2) - Near::MILLIMETRES
                    ? $seam
                    : $nearest;
        }

        return $nearest ?? $this->length / 2;
    }

    /** The part from one place to another, counted anew from its own beginning. */
    public function part(float $from, float $to): self
    {
        $within = array_filter(
            $this->seams,
            static fn(float $seam): bool => $seam > $from + Near::MILLIMETRES && $seam < $to - Near::MILLIMETRES,
        );

        return new self(
            $to - $from,
            array_values(array_map(static fn(float $seam): float => $seam - $from, $within)),
            max(0.0, $this->firstBorder - $from),
            min($to - $from, $this->lastBorder - $from),
        );
    }

    /** The same quilt begun at its other end. */
    public function reversed(): self
    {
        return new self(
            $this->length,
            array_reverse(array_map(fn(float $seam): float => $this->length - $seam, $this->seams)),
            $this->length - $this->lastBorder,
            $this->length - $this->firstBorder,
        );
    }

    /** What lies at a place that is no seam. */
    public function between(float $at): StopKind
    {
        return $at < $this->firstBorder || $at > $this->lastBorder ? StopKind::Border : StopKind::Block;
    }

    public function toNearest(float $at): float
    {
        $distances = array_map(static fn(float $seam): float => abs($seam - $at), [
            0.0,
            ...$this->seams,
            $this->length,
        ]);

        return min($distances);
    }
}
