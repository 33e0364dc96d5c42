<?php

declare(strict_types=1);

namespace Schwung\Core\Queue;

/**
 * The hours in which a studio works, laid end to end: so many minutes of work from the first day on are such a minute
 * of the wall clock, and back.
 *
 * Minutes of the wall clock are counted from midnight of the first day. Geometry of a calendar, nothing else: what is
 * off, at night or between two spans of a day takes no work.
 */
final class WorkingTime
{
    /** Longer than anybody waits for a quilt. */
    public const HORIZON_DAYS = 3653;
    public const DAY = 1440;
    private const NINE = 540;
    /** Nobody works longer into the night, at ten. */
    private const LATEST = 1320;

    /** @var list<array{int, int, int}> from and to on the wall clock, and the work done before */
    private array $spans = [];
    private int $days = 0;
    private int $worked = 0;
    /** @var array<int, int> work before minutes that were asked for already */
    private array $known = [];

    /**
     * @param array<int, list<array{int, int}>> $hours by weekday, 1 is Monday: from and to in minutes of the day, in order
     * @param array<string, true>               $off   days off, "2027-03-19"
     * @param array<string, int>                $more  minutes that are worked longer on such a day
     */
    public function __construct(
        private readonly \DateTimeImmutable $firstDay,
        private readonly array $hours,
        private readonly array $off = [],
        private readonly array $more = [],
    ) {}

    /**
     * The same with one day worked longer: after its hours, or from nine on where it has none.
     *
     * @param int $day counted from the first
     *
     * @return self|null null where that day has no room for it
     */
    public function withMore(int $day, int $minutes): ?self
    {
        $date = $this->firstDay->modify("+$day days")->format('Y-m-d');

        return $minutes > $this->room($day)
            ? null
            : new self($this->firstDay, $this->hours, $this->off, [
                ...$this->more,
                $date => ($this->more[$date] ?? 0) + $minutes,
            ]);
    }

    /** So many minutes longer can be worked on a day before it is late at night. */
    public function room(int $day): int
    {
        $spans = $this->spansOn($day);

        return max(0, self::LATEST - ([] === $spans ? self::NINE : $spans[\count($spans) - 1][1]));
    }

    /** @return list<array{int, int}> from and to in minutes of a day, counted from the first; in order */
    public function spansOn(int $day): array
    {
        $date = $this->firstDay->modify("+$day days");
        $spans = isset($this->off[$date->format('Y-m-d')]) ? [] : $this->hours[(int) $date->format('N')] ?? [];
        $more = $this->more[$date->format('Y-m-d')] ?? 0;
        $from = [] === $spans ? self::NINE : $spans[\count($spans) - 1][1];

        return 0 === $more ? $spans : [...$spans, [$from, $from + $more]];
    }

    /** The minute of the wall clock at which a moment is; below zero before the first day. */
    public static function minute(\DateTimeImmutable $firstDay, \DateTimeImmutable $moment): int
    {
        return intdiv($moment->getTimestamp() - $firstDay->getTimestamp(), 60);
    }

    /** The work that is done before a minute of the wall clock. */
    public function before(int $minute): int
    {
        if (isset($this->known[$minute])) {
            return $this->known[$minute];
        }
        $this->reachDay(intdiv($minute, self::DAY) + 1);
        [$low, $high] = [0, \count($this->spans)];
        while ($low < $high) {
            $middle = intdiv($low + $high, 2);
            [$low, $high] = $this->spans[$middle][0] < $minute ? [$middle + 1, $high] : [$low, $middle];
        }
        [$from, $to, $worked] = $this->spans[$low - 1] ?? [0, 0, 0];
        $before = $worked + min($minute, $to) - $from;

        return $this->known[$minute] = max(0, $before);
    }

    /** When work that follows so many minutes of work begins; null beyond the horizon. */
    public function startsAt(int $work): ?int
    {
        return $this->on($this->spanOf($work, false), $work);
    }

    /** When so many minutes of work are done; null beyond the horizon. */
    public function endsAt(int $work): ?int
    {
        return $this->on($this->spanOf($work, true), $work);
    }

    /** All the work up to the horizon. */
    public function whole(): int
    {
        $this->reachDay(self::HORIZON_DAYS);

        return $this->worked;
    }

    /** @param array{int, int, int}|null $span */
    private function on(?array $span, int $work): ?int
    {
        return null === $span ? null : $span[0] + $work - $span[2];
    }

    /** @return array{int, int, int}|null the span in which work ends at, or begins after, so many minutes of work */
    private function spanOf(int $work, bool $isEnd): ?array
    {
        while ($this->days < self::HORIZON_DAYS && $this->worked <= $work) {
            $this->reachDay($this->days + 28);
        }
        [$low, $high] = [0, \count($this->spans) - 1];
        while ($low < $high) {
            $middle = intdiv($low + $high, 2);
            $done = $this->spans[$middle][2] + $this->spans[$middle][1] - $this->spans[$middle][0];
            if ($done > $work || ($isEnd && $done === $work)) {
                $high = $middle;
            } else {
                $low = $middle + 1;
            }
        }
        $span = $this->spans[$low] ?? null;
        $done = null === $span ? 0 : $span[2] + $span[1] - $span[0];

        return null !== $span && ($done > $work || ($isEnd && $done === $work)) ? $span : null;
    }

    private function reachDay(int $day): void
    {
        for (; $this->days < min($day, self::HORIZON_DAYS); ++$this->days) {
            foreach ($this->spansOn($this->days) as [$from, $to]) {
                $this->spans[] = [$this->days * self::DAY + $from, $this->days * self::DAY + $to, $this->worked];
                $this->worked += $to - $from;
            }
        }
    }
}
