<?php

declare(strict_types=1);

namespace Schwung\Core\Design;

use Schwung\Core\Design\Exception\UnusableDesign;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\Point;

/**
 * One repeat of a row design as the machine runs it: polylines in millimetres, its left end at x = 0, its highest
 * point at y = 0, growing downward.
 */
final readonly class StitchPath
{
    private const LEAST = 1.0;
    public const MOST_POINTS = 60_000;

    /** @param list<non-empty-list<Point>> $lines */
    private function __construct(public array $lines, private float $height, private float $repeat) {}

    /**
     * The repeat is as wide as the way from the first to the last stitch where the path runs from left to right and
     * ends as high as it began, so that the next repeat carries on; else as wide as the drawing.
     *
     * @param list<non-empty-list<Point>> $lines
     *
     * @throws UnusableDesign if there is nothing to stitch, or far too much
     */
    public static function of(array $lines): self
    {
        $lines = array_values(array_filter($lines, static fn(array $line): bool => \count($line) > 1));
        $points = array_merge([], ...$lines);
        if ([] === $points) {
            throw UnusableDesign::because('There is nothing to stitch in this drawing: no path, polyline or line.');
        }
        if (\count($points) > self::MOST_POINTS) {
            throw self::tooMany();
        }
        foreach ($points as $point) {
            if (!is_finite($point->x) || !is_finite($point->y)) {
                throw UnusableDesign::because('The drawing goes on without end: a transform in it is far too large.');
            }
        }
        [$xs, $ys] = [
            array_map(static fn(Point $point): float => $point->x, $points),
            array_map(static fn(Point $point): float => $point->y, $points),
        ];
        [$height, $width] = [max($ys) - min($ys), max($xs) - min($xs)];
        if ($height < self::LEAST || $width < self::LEAST || max($height, $width) > 10_000) {
            throw UnusableDesign::because(
                \sprintf(
                    'The drawing is %.1f × %.1f mm; a row design is between 1 mm and 10 m each way. Set its size in ' .
                        'millimetres or inches.',
                    $width,
                    $height,
                ),
            );
        }
        [$first, $last] = [$points[0], $points[\count($points) - 1]];
        $carriesOn = abs($last->y - $first->y) < 0.02 * $height && $last->x - $first->x > 0.5 * $width;
        $from = $carriesOn ? $first->x : min($xs);
        $moved = array_map(
            static fn(array $line): array => array_map(
                static fn(Point $point): Point => new Point($point->x - $from, $point->y - min($ys)),
                $line,
            ),
            $lines,
        );

        return new self($moved, $height, $carriesOn ? $last->x - $first->x : $width);
    }

    /** Said while a drawing is read, before its points fill the memory. */
    public static function tooMany(): UnusableDesign
    {
        return UnusableDesign::because(
            \sprintf('The drawing has too many points: a row design may have %d.', self::MOST_POINTS),
        );
    }

    /**
     * Takes what toPathData() wrote.
     *
     * @throws UnusableDesign if it was not written there
     */
    public static function fromPathData(string $text): self
    {
        return self::of(PathReader::read($text, Affine::identity()));
    }

    public function height(): Length
    {
        return Length::millimetres($this->height);
    }

    public function repeat(): Length
    {
        return Length::millimetres($this->repeat);
    }

    /** What is stitched in one repeat. */
    public function stitched(): Length
    {
        $sum = 0.0;
        foreach ($this->lines as $line) {
            for ($i = 1; $i < \count($line); ++$i) {
                $sum += hypot($line[$i]->x - $line[$i - 1]->x, $line[$i]->y - $line[$i - 1]->y);
            }
        }

        return Length::millimetres($sum);
    }

    /** The d attribute of the repeat, to a hundredth of a millimetre. */
    public function toPathData(): string
    {
        return implode(
            '',
            array_map(
                static fn(array $line): string => 'M' .
                    implode(
                        'L',
                        array_map(
                            static fn(Point $point): string => self::number($point->x) . ' ' . self::number($point->y),
                            $line,
                        ),
                    ),
                $this->lines,
            ),
        );
    }

    private static function number(float $value): string
    {
        return rtrim(rtrim(\sprintf('%.2F', $value), '0'), '.');
    }
}
