<?php

declare(strict_types=1);

namespace Schwung\Core\Exchange;

use Schwung\Core\Exchange\Exception\FaultyDocument;
use Schwung\Core\Job\Faults;
use Schwung\Core\Queue\Queue;
use Schwung\Core\Queue\QueueJob;
use Schwung\Core\Queue\Running;
use Schwung\Core\Queue\WorkingTime;

/** Reads a queue document, version 1. Times are the studio's wall clock. */
final readonly class QueueReader
{
    private const DAYS = ['mon', 'tue', 'wed', 'thu', 'fri', 'sat', 'sun'];
    private const TRAITS = ['thread', 'foot', 'hold', 'batting'];
    private const MOST_MINUTES = 100_000;
    private const MOST_JOBS = 1000;

    /** @throws FaultyDocument if the document is no queue */
    public function read(mixed $document): QueueDocument
    {
        $faults = new Faults();
        $members = (new Node($document, '', $faults))->document('schwung/queue', [
            'from',
            'hours',
            'off',
            'frames',
            'jobs',
            'pins',
            'running',
            'setup',
        ]);
        $from = $this->clock($members['from']);
        $firstDay = ($from ?? new \DateTimeImmutable('2000-01-01'))->setTime(0, 0);
        $time = new WorkingTime($firstDay, $this->hours($members['hours']), $this->off($members['off']));
        $frames = $this->names($members['frames']);
        $jobs = $this->jobs($members['jobs'], $firstDay, $frames);
        $running = $this->running($members['running'], $frames);
        $setup = $this->setup($members['setup']);
        $pinned = $this->pinned($members['pins'], $jobs, $firstDay, $frames);
        if ([] === $faults->all()) {
            $this->checkHorizon($members, $time, $jobs, $running);
        }
        if ([] !== $faults->all()) {
            throw FaultyDocument::with($faults->all());
        }
        $now = null === $from ? 0 : WorkingTime::minute($firstDay, $from);

        return new QueueDocument(
            $firstDay,
            new Queue($time, $frames, $pinned, $running, $setup, $now),
            new Queue($time, $frames, $jobs, $running, $setup, $now),
            !$members['pins']->isMissing() || !$members['running']->isMissing() || !$members['setup']->isMissing(),
        );
    }

    /**
     * @param array<string, Node> $members
     * @param list<QueueJob>      $jobs
     * @param list<Running>       $running
     */
    private function checkHorizon(array $members, WorkingTime $time, array $jobs, array $running): void
    {
        $whole = $time->whole();
        if (0 === $whole) {
            $members['hours']->fault('hours on at least one day that is not off, like {"mon": ["09:00-17:00"]}');

            return;
        }
        $work = array_sum(array_map(static fn(QueueJob $job): int => $job->minutes, $jobs));
        $left = array_sum(array_map(static fn(Running $one): int => $one->minutesLeft, $running));
        $waits = max([0, ...array_map(static fn(QueueJob $job): int => $time->before($job->notBefore), $jobs)]);
        if ($waits + $work + $left + 60 * \count($jobs) >= $whole) {
            $members['jobs']->fault('work that is done within ten years of these hours');
        }
    }

    /** @return array<int, list<array{int, int}>> by weekday, 1 is Monday */
    private function hours(Node $node): array
    {
        $hours = [];
        foreach ($node->members(self::DAYS) as $day => $spans) {
            $before = 0;
            foreach ($spans->items() as $span) {
                $text = $span->text();
                $isRead =
                    null !== $text &&
                    1 === preg_match('/^([01]\d|2[0-3]):([0-5]\d)-([01]\d|2[0-4]):([0-5]\d)$/', $text, $parts);
                [$from, $to] = $isRead
                    ? [60 * (int) $parts[1] + (int) $parts[2], 60 * (int) $parts[3] + (int) $parts[4]]
                    : [0, 0];
                if (!$isRead || $to <= $from || $to > WorkingTime::DAY || $from < $before) {
                    $span->fault('a span of the day after the one before it, like "09:00-12:30"');
                    continue;
                }
                $hours[1 + (int) array_search($day, self::DAYS, true)][] = [$from, $to];
                $before = $to;
            }
        }

        return $hours;
    }

    /** @return array<string, true> */
    private function off(Node $node): array
    {
        $off = [];
        foreach ($node->items() as $item) {
            $day = $this->day($item);
            if (null !== $day) {
                $off[$day->format('Y-m-d')] = true;
            }
        }

        return $off;
    }

    /** @return list<string> each once */
    private function names(Node $node): array
    {
        $names = [];
        foreach ($this->filled($node, 'a list of one frame or more') as $item) {
            $name = $item->text(80);
            if (null !== $name && \in_array($name, $names, true)) {
                $item->fault('a frame that is named once');
            } elseif (null !== $name) {
                $names[] = $name;
            }
        }

        return $names;
    }

    /**
     * @param list<string> $frames
     *
     * @return list<QueueJob>
     */
    private function jobs(Node $node, \DateTimeImmutable $firstDay, array $frames): array
    {
        $node->isRequired('a list of quilts');
        $jobs = [];
        $items = $node->items();
        if (\count($items) > self::MOST_JOBS) {
            $node->fault('a list of up to ' . self::MOST_JOBS . ' quilts');

            return [];
        }
        foreach ($items as $item) {
            $members = $item->members(['id', 'due', 'frames', 'minutes', 'not_before', 'weight', 'traits']);
            $id = $members['id']->text(80);
            $minutes = $members['minutes']->count(self::MOST_MINUTES);
            $due = $this->day($members['due']->given());
            $notBefore = $this->clock($members['not_before']->given());
            $weight = $members['weight']->isMissing() ? 1.0 : $members['weight']->number(1000);
            $able = $this->framesOf($members['frames'], $frames);
            $traits = $this->traits($members['traits']);
            if (null !== $id && \in_array($id, array_map(static fn(QueueJob $job): string => $job->id, $jobs), true)) {
                $members['id']->fault('an id that no other quilt has');
            } elseif (null !== $id && null !== $minutes && null !== $weight && [] !== $able) {
                $jobs[] = new QueueJob(
                    id: $id,
                    due: null === $due ? null : intdiv(WorkingTime::minute($firstDay, $due), WorkingTime::DAY),
                    frames: $able,
                    minutes: $minutes,
                    notBefore: null === $notBefore ? 0 : max(0, WorkingTime::minute($firstDay, $notBefore)),
                    weight: $weight,
                    traits: $traits,
                );
            }
        }

        return $jobs;
    }

    /**
     * @param list<string> $frames
     *
     * @return list<string>
     */
    private function framesOf(Node $node, array $frames): array
    {
        $able = [];
        foreach ($this->filled($node, 'a list of frames that it can go on') as $item) {
            $name = $item->oneOf($frames);
            if (null !== $name) {
                $able[] = $name;
            }
        }

        return array_values(array_unique($able));
    }

    /** @return array<string, string> */
    private function traits(Node $node): array
    {
        $traits = [];
        foreach ($node->isMissing() ? [] : $node->members(self::TRAITS) as $what => $member) {
            $text = $member->given()?->text(80);
            if (null !== $text) {
                $traits[$what] = $text;
            }
        }

        return $traits;
    }

    /** @return array<string, int> */
    private function setup(Node $node): array
    {
        $setup = [];
        foreach ($node->isMissing() ? [] : $node->members(self::TRAITS) as $what => $member) {
            $minutes = $member->given()?->number(WorkingTime::DAY);
            if (null !== $minutes) {
                $setup[$what] = (int) round($minutes);
            }
        }

        return $setup;
    }

    /**
     * @param list<string> $frames
     *
     * @return list<Running>
     */
    private function running(Node $node, array $frames): array
    {
        $running = [];
        foreach ($node->items() as $item) {
            $members = $item->members(['id', 'frame', 'minutes_left', 'traits']);
            $id = $members['id']->text(80);
            $frame = $members['frame']->oneOf($frames);
            $left = $members['minutes_left']->number(self::MOST_MINUTES);
            $isTaken = [] !== array_filter($running, static fn(Running $one): bool => $one->frame === $frame);
            if ($isTaken) {
                $members['frame']->fault('a frame on which nothing else runs');
            } elseif (null !== $id && null !== $frame && null !== $left) {
                $running[] = new Running(
                    $id,
                    $frame,
                    (int) round($left),
                    $members['traits']->isMissing() ? null : $this->traits($members['traits']),
                );
            }
        }

        return $running;
    }

    /**
     * @param list<QueueJob> $jobs
     * @param list<string>   $frames
     *
     * @return list<QueueJob> with what somebody pinned
     */
    private function pinned(Node $node, array $jobs, \DateTimeImmutable $firstDay, array $frames): array
    {
        foreach ($node->items() as $item) {
            $members = $item->members(['id', 'frame', 'place', 'not_before']);
            $id = $members['id']->oneOf(array_map(static fn(QueueJob $job): string => $job->id, $jobs));
            $frame = $members['frame']->given()?->oneOf($frames);
            $place = $members['place']->given()?->count(self::MOST_JOBS);
            $notBefore = $this->clock($members['not_before']->given());
            foreach ($jobs as $i => $job) {
                if ($job->id !== $id) {
                    continue;
                }
                if (null !== $frame && !\in_array($frame, $job->frames, true)) {
                    $members['frame']->fault('a frame that it can go on');
                } elseif (null !== $place && null === $frame && 1 !== \count($job->frames)) {
                    $members['place']->fault('a frame beside the place');
                } elseif ($this->isTaken($jobs, $job, $frame ?? $job->frames[0], $place)) {
                    $members['place']->fault('a place that no other quilt is pinned to');
                } else {
                    $jobs[$i] = $job->pinned(
                        null === $frame ? $job->frames : [$frame],
                        $place ?? $job->place,
                        null === $notBefore ? 0 : max(0, WorkingTime::minute($firstDay, $notBefore)),
                    );
                }
            }
        }

        return $jobs;
    }

    /** @param list<QueueJob> $jobs */
    private function isTaken(array $jobs, QueueJob $job, string $frame, ?int $place): bool
    {
        return null !== $place &&
            [] !==
                array_filter(
                    $jobs,
                    static fn(QueueJob $other): bool => $other->id !== $job->id &&
                        $other->place === $place &&
                        $other->frames === [$frame],
                );
    }

    /** @return list<Node> of a list that has one at least */
    private function filled(Node $node, string $expected): array
    {
        $items = $node->items();
        if ($node->isRequired($expected) && [] === $items) {
            $node->fault($expected);
        }

        return $items;
    }

    private function day(?Node $node): ?\DateTimeImmutable
    {
        return $this->moment($node, $node?->text(), ['Y-m-d'], 'a day, like "2027-03-05"');
    }

    /** A day, or a time of it; an offset says nothing here, for all is the studio's wall clock. */
    private function clock(?Node $node): ?\DateTimeImmutable
    {
        $text = $node?->text();

        return $this->moment(
            $node,
            null === $text ? null : (string) preg_replace('/(?:Z|[+-]\d{2}:\d{2})$/', '', $text),
            ['Y-m-d', 'Y-m-d\TH:i', 'Y-m-d\TH:i:s'],
            'a time of the studio\'s clock, like "2027-03-02T10:00"',
        );
    }

    /** @param list<string> $formats */
    private function moment(?Node $node, ?string $text, array $formats, string $expected): ?\DateTimeImmutable
    {
        if (null === $text) {
            return null;
        }
        foreach (str_contains($text, "\0") ? [] : $formats as $format) {
            $moment = \DateTimeImmutable::createFromFormat("!$format", $text, new \DateTimeZone('UTC'));
            if (false !== $moment && $moment->format($format) === $text) {
                return $moment;
            }
        }
        $node?->fault($expected);

        return null;
    }
}
