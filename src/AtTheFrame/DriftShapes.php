<?php

declare(strict_types=1);

namespace App\AtTheFrame;

use App\Drawing\Canvas;
use App\Drawing\Shape;
use Schwung\Core\Measure\Figure;
use Schwung\Core\Measure\Phrase;
use Schwung\Core\Running\Drift;
use Schwung\Core\Running\RegisterReading;
use Schwung\Core\Sizing\Box;

/**
 * Draws what was read of the register along the quilt's middle line, and where it leads at the tail edge. Sideways it
 * is drawn so many times as large, and says so: true to scale nobody would see it.
 */
final readonly class DriftShapes
{
    public const TIMES = 10;

    public function __construct(private Box $top, private Canvas $canvas) {}

    /**
     * @param list<RegisterReading> $readings in order of what is wound on
     *
     * @return list<Shape>
     */
    public function shapes(array $readings, Drift $drift): array
    {
        if ([] === $readings) {
            return [];
        }
        $points = array_map(
            fn(RegisterReading $reading): array => [
                $this->x($reading->mean()->toMillimetres()),
                $reading->wound->toMillimetres(),
            ],
            $readings,
        );
        $px = $this->canvas->px(...);

        return [
            Shape::line(0, $this->top->lead, 0, $this->top->tail, 'drift-middle'),
            ...$this->forecast($points[\count($points) - 1], $drift),
            Shape::polyline($points, 'drift-read'),
            ...array_map(
                static fn(array $point): Shape => Shape::circle($point[0], $point[1], $px(6), 'drift-dot'),
                $points,
            ),
            Shape::text(
                $px(10),
                $this->top->lead + $px(22),
                'drift, sideways ' . self::TIMES . ' times',
                $px(15),
                'halo text-soft-svg',
            ),
        ];
    }

    /**
     * @param array{float, float} $last
     *
     * @return list<Shape>
     */
    private function forecast(array $last, Drift $drift): array
    {
        if (null === $drift->forecast || null === $drift->forecastError) {
            return [];
        }
        [$ahead, $error] = [
            $drift->forecast->length()->toMillimetres(),
            $drift->forecastError->length()->toMillimetres(),
        ];
        $tail = $this->top->tail;
        $x = $this->x($ahead);
        $right = $ahead >= 0;

        return [
            Shape::polygon(
                [$last, [$this->x($ahead - $error), $tail], [$this->x($ahead + $error), $tail]],
                'drift-error',
            ),
            Shape::line($last[0], $last[1], $x, $tail, 'drift-forecast drift-' . $drift->state->value),
            Shape::text(
                $x + $this->canvas->px($right ? 10 : -10),
                $tail - $this->canvas->px(12),
                Phrase::of(
                    'at the tail %s ' . ($right ? 'right' : 'left'),
                    Figure::measured($ahead < 0 ? $drift->forecast->length()->negated() : $drift->forecast->length()),
                ),
                $this->canvas->px(19),
                'halo strong',
                $right ? 'start' : 'end',
            ),
        ];
    }

    /** Kept on the quilt, however far off. */
    private function x(float $millimetres): float
    {
        return max($this->top->left, min($this->top->right, self::TIMES * $millimetres));
    }
}
