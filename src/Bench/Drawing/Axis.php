<?php

declare(strict_types=1);

namespace App\Bench\Drawing;

use App\Bench\Plan\PlanRead;
use Schwung\Core\Queue\WorkingTime;

/**
 * The days along the top of the drawing: each with its hours as wide as every other's, nights as gaps between, days off
 * as narrow hatched strips. Pixels from the left.
 */
final readonly class Axis
{
    private const DAY_WIDTH = 196;
    private const OFF_WIDTH = 16;
    private const NIGHT = 5;
    /** What lies farther ahead stands in the list alone. */
    private const MOST_DAYS = 40;
    /** More than the week at hand. */
    private const LEAST_DAYS = 9;

    /** @var list<array{x: float, width: float, name: string, isOff: bool, isToday: bool, from: int, to: int}> */
    public array $days;
    public float $width;

    public function __construct(PlanRead $plan, \DateTimeImmutable $now)
    {
        $end = max([0, ...array_column($plan->placed(), 'end')]);
        $count = max(self::LEAST_DAYS, min(self::MOST_DAYS, 2 + intdiv($end, WorkingTime::DAY)));
        [$days, $x] = [[], 0.0];
        for ($day = 0; $day < $count; ++$day) {
            $spans = $plan->spansOn($day);
            $width = (float) ([] === $spans ? self::OFF_WIDTH : self::DAY_WIDTH);
            $days[] = [
                'x' => $x,
                'width' => $width,
                'name' => $plan->clock->day($day)->format('D j M'),
                'isOff' => [] === $spans,
                'isToday' => $plan->clock->isToday($day, $now),
                'from' => $day * WorkingTime::DAY + ($spans[0][0] ?? 0),
                'to' => $day * WorkingTime::DAY + ([] === $spans ? 0 : $spans[\count($spans) - 1][1]),
            ];
            $x += $width + self::NIGHT;
        }
        [$this->days, $this->width] = [$days, $x];
    }

    /** Where a minute of the wall clock lies; at night and on days off, where work goes on; beyond, at the end. */
    public function x(int $minute): float
    {
        foreach ($this->days as $day) {
            if ($day['isOff'] || $minute > $day['to']) {
                continue;
            }
            $part = ($minute - $day['from']) / max(1, $day['to'] - $day['from']);

            return round($day['x'] + $day['width'] * max(0.0, min(1.0, $part)), 1);
        }

        return $this->width;
    }

    public function reaches(int $minute): bool
    {
        return $minute < \count($this->days) * WorkingTime::DAY;
    }
}
