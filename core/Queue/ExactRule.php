<?php

declare(strict_types=1);

namespace Schwung\Core\Queue;

/**
 * The best of all courses, by dynamic programming over the subsets of quilts: on one frame every subset in every order,
 * of which only those are kept that no other beats in lateness, late quilts and work done at once; then every way of
 * sharing the quilts out between the frames.
 */
final class ExactRule
{
    /** So many quilts in one knot of frames are tried in less than a second. */
    public const MOST = 12;
    /** What sums of weights may differ by. */
    private const NOTHING = 1e-9;

    private Course $course;

    public function __construct(private readonly Queue $queue)
    {
        $this->course = new Course($queue);
    }

    /**
     * @param list<QueueJob> $jobs   at most MOST
     * @param list<string>   $frames
     * @param float          $worst  the lateness of a course that is known already
     *
     * @return array<array-key, list<QueueJob>> by frame, in order
     */
    public function best(array $jobs, array $frames, float $worst): array
    {
        $shares = [0 => [new Share()]];
        foreach ($frames as $frame) {
            $shares = $this->shared($shares, $this->courses($jobs, $frame, $worst), $frame, $worst);
        }
        $all = $shares[(1 << \count($jobs)) - 1] ?? [];
        usort($all, static fn(Share $one, Share $other): int => $one->compareTo($other));
        $orders = [];
        foreach ($frames as $frame) {
            $orders[$frame] = array_map(
                static fn(int $job): QueueJob => $jobs[$job],
                ($all[0] ?? throw new \DomainException('No course keeps every place.'))->courses[$frame]->order(),
            );
        }

        return $orders;
    }

    /**
     * @param array<int, list<Share>> $shares  by the bits of the quilts that are shared out already
     * @param array<int, list<Label>> $courses of one frame more, by the bits of its quilts
     *
     * @return array<int, list<Share>>
     */
    private function shared(array $shares, array $courses, string $frame, float $worst): array
    {
        $next = [];
        foreach ($shares as $taken => $those) {
            foreach ($courses as $subset => $labels) {
                foreach (0 === ($taken & $subset) ? $those : [] as $share) {
                    foreach ($labels as $label) {
                        if ($share->late + $label->late <= $worst + self::NOTHING) {
                            $all = $taken | $subset;
                            $next[$all] = Share::kept($next[$all] ?? [], $share->with($frame, $label));
                        }
                    }
                }
            }
        }

        return $next;
    }

    /**
     * @param list<QueueJob> $jobs
     *
     * @return array<int, list<Label>> every course on one frame that nothing beats, by the bits of its quilts
     */
    private function courses(array $jobs, string $frame, float $worst): array
    {
        [$work, $traits] = $this->course->begin($frame);
        $able = array_keys(
            array_filter($jobs, static fn(QueueJob $job): bool => \in_array($frame, $job->frames, true)),
        );
        $signed = [0 => ['' => [new Label(0.0, 0, $work, 0)]]];
        for ($subset = 0; $subset < 1 << \count($jobs); ++$subset) {
            foreach ($this->following($jobs, $able, isset($signed[$subset]) ? $subset : -1) as $job) {
                foreach (array_merge(...array_values($signed[$subset])) as $label) {
                    $before = null === $label->before ? $traits : $jobs[$label->last]->traits;
                    $after = $this->after($jobs[$job], $job, $label, $before);
                    if (null !== $after && $after->late <= $worst + self::NOTHING) {
                        [$all, $sign] = [$subset | (1 << $job), $this->sign($jobs[$job])];
                        $signed[$all][$sign] = Label::kept($signed[$all][$sign] ?? [], $after);
                    }
                }
            }
        }

        return array_map(
            static fn(array $bySign): array => array_reduce(
                array_merge(...array_values($bySign)),
                Label::kept(...),
                [],
            ),
            $signed,
        );
    }

    /**
     * @param list<QueueJob> $jobs
     * @param list<int>      $able   to go on the frame
     * @param int            $subset that is on it; below zero where there is no such course
     *
     * @return list<int> what may follow
     */
    private function following(array $jobs, array $able, int $subset): array
    {
        return $subset < 0
            ? []
            : array_values(
                array_filter(
                    $able,
                    fn(int $job): bool => 0 === ($subset & (1 << $job)) &&
                        $this->mayFollow($jobs, $able, $subset, $job),
                ),
            );
    }

    /** @param array<string, string>|null $before what is set up; null beyond the horizon */
    private function after(QueueJob $job, int $number, Label $label, ?array $before): ?Label
    {
        [, $work] = $this->course->after($job, $label->work, $before);
        $end = $this->queue->time->endsAt($work);
        if (null === $end) {
            return null;
        }
        $late = null === $job->due ? 0 : max(0, intdiv($end - 1, WorkingTime::DAY) - $job->due);

        return new Label(
            $label->late + $late * $job->weight,
            $label->lateJobs + ($late > 0 ? 1 : 0),
            $work,
            $end,
            $number,
            $label,
        );
    }

    /**
     * Whether the places that were pinned allow a quilt to stand next.
     *
     * @param list<QueueJob> $jobs
     * @param list<int>      $able
     */
    private function mayFollow(array $jobs, array $able, int $subset, int $job): bool
    {
        $place = 1;
        $isClosing = false;
        foreach ($able as $other) {
            $place += 0 !== ($subset & (1 << $other)) ? 1 : 0;
        }
        foreach ($able as $other) {
            $wanted = $jobs[$other]->place;
            if (null === $wanted || $other === $job) {
                continue;
            }
            $isIn = 0 !== ($subset & (1 << $other));
            // One that stands before its place was the last but for others that are pinned farther back.
            $isClosing = $isClosing || ($isIn && $wanted >= $place);
            if (!$isIn && $wanted <= $place && ($jobs[$job]->place ?? \PHP_INT_MAX) > $wanted) {
                return false;
            }
        }

        return null !== $jobs[$job]->place || !$isClosing;
    }

    /** What the next change goes by. */
    private function sign(QueueJob $job): string
    {
        $what = array_intersect_key($job->traits, array_filter($this->queue->setup));
        ksort($what);

        return implode("\0", [...array_keys($what), ...$what]);
    }
}
