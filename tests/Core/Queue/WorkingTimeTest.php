<?php

declare(strict_types=1);

namespace Tests\Core\Queue;

use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\TestCase;
use Schwung\Core\Loading\StepKind;
use Schwung\Core\Queue\Factors;
use Schwung\Core\Queue\Promise;
use Schwung\Core\Queue\StepTime;
use Schwung\Core\Queue\WorkingTime;

/** Work against the wall clock, minute by minute, beside a clock that is simply wound on. */
#[CoversClass(WorkingTime::class)]
#[CoversClass(Promise::class)]
#[CoversClass(Factors::class)]
final class WorkingTimeTest extends TestCase
{
    private const DAY = 1440;
    /** Three minutes in the morning and two in the evening, and one on the third day of the week. */
    private const HOURS = [1 => [[10, 13], [20, 22]], 3 => [[0, 1]]];

    public function testEachMinuteOfWorkLiesWhereTheClockSays(): void
    {
        $time = $this->time();
        $worked = 0;
        $begins = [];
        for ($minute = 0; $minute < 16 * self::DAY; ++$minute) {
            self::assertSame($worked, $time->before($minute), "before $minute");
            $weekday = 1 + (intdiv($minute, self::DAY) % 7);
            foreach (self::HOURS[$weekday] ?? [] as [$from, $to]) {
                if ($minute % self::DAY >= $from && $minute % self::DAY < $to) {
                    $begins[] = $minute;
                    ++$worked;
                }
            }
        }
        foreach ($begins as $work => $minute) {
            self::assertSame($minute, $time->startsAt($work), "after $work minutes of work");
            self::assertSame($minute + 1, $time->endsAt($work + 1), "the end of $work");
        }
    }

    public function testAskedInAnyOrderItSaysTheSame(): void
    {
        [$forth, $back] = [$this->time(), $this->time()];
        $minutes = [0, 10, 12, 13, 20, 22, self::DAY, 2 * self::DAY, 2 * self::DAY + 1, 30 * self::DAY + 11];
        $asked = array_map($forth->before(...), $minutes);

        self::assertSame(array_reverse($asked), array_map($back->before(...), array_reverse($minutes)));
        self::assertSame([0, 0, 2, 3, 3, 5, 5, 5, 6, 30], $asked);
    }

    public function testBeforeTheFirstDayNothingIsDone(): void
    {
        self::assertSame(0, $this->time()->before(-5));
        self::assertSame(
            -90,
            WorkingTime::minute(
                new \DateTimeImmutable('2027-03-01 00:00 UTC'),
                new \DateTimeImmutable('2027-02-28 22:30 UTC'),
            ),
        );
    }

    public function testADayIsPromisedOnWhichTheWorkEnds(): void
    {
        $promise = new Promise('north', 0, self::DAY, self::DAY + 1);

        self::assertSame([0, 1], [$promise->evenDay(), $promise->safeDay()]);
    }

    public function testWhatTookNoTimeTeachesNothing(): void
    {
        self::assertSame(
            0,
            (new Factors())->taught([new StepTime(StepKind::Stitch, 30, 0)])->of(StepKind::Stitch)->steps,
        );
    }

    private function time(): WorkingTime
    {
        return new WorkingTime(new \DateTimeImmutable('2027-03-01 UTC'), self::HOURS);
    }
}
