<?php

declare(strict_types=1);

namespace Tests\Core\Queue;

use Eris\Generators;
use Eris\TestTrait;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\TestCase;
use Schwung\Core\Queue\PinRule;
use Schwung\Core\Queue\Promise;
use Schwung\Core\Queue\PromiseRule;
use Schwung\Core\Queue\Queue;
use Schwung\Core\Queue\QueueJob;
use Schwung\Core\Queue\QueueRule;
use Schwung\Core\Queue\Running;
use Schwung\Core\Queue\WayOut;
use Schwung\Core\Queue\WayOutKind;
use Schwung\Core\Queue\WaysOutRule;
use Schwung\Core\Queue\WorkingTime;

/** Days that can be promised, what a pin costs, and what helps a late quilt. Monday first; work from nine to five. */
#[CoversClass(PinRule::class)]
#[CoversClass(Promise::class)]
#[CoversClass(PromiseRule::class)]
#[CoversClass(WayOut::class)]
#[CoversClass(WayOutKind::class)]
#[CoversClass(WaysOutRule::class)]
final class PromiseTest extends TestCase
{
    use TestTrait;

    private const HOUR = 60;

    public function testAPromiseStandsBehindWhatRunsAndWaits(): void
    {
        $queue = self::queue(
            [new QueueJob('before', 4, ['north'], 6 * self::HOUR)],
            [new Running('now', 'north', 2 * self::HOUR)],
        );
        $promise = (new PromiseRule())->promise(
            $queue,
            (new QueueRule())->schedule($queue),
            new QueueJob('new', null, ['north'], 4 * self::HOUR),
            60.0 ** 2,
            ['before' => 80.0 ** 2, 'now' => 0.0],
        );

        self::assertNotNull($promise);
        self::assertSame(1440 + 540, $promise->start, 'Monday is full');
        self::assertSame(1440 + 780, $promise->even);
        self::assertSame(1440 + 780 + 84, $promise->safe, '0.84 of the root of 60² and 80² is 84 minutes');
        self::assertSame([1, 1], [$promise->evenDay(), $promise->safeDay()]);
    }

    public function testTheFrameOnWhichItIsDoneFirstIsPromised(): void
    {
        $queue = self::queue([new QueueJob('before', 4, ['north'], 30 * self::HOUR)], frames: ['north', 'attic']);
        $promise = (new PromiseRule())->promise(
            $queue,
            (new QueueRule())->schedule($queue),
            new QueueJob('new', null, ['north', 'attic'], 10 * self::HOUR, notBefore: 600),
            0.0,
        );

        self::assertSame('attic', $promise?->frame);
        self::assertSame(600, $promise->start, 'not before its batting has rested');
        self::assertSame(1, $promise->evenDay(), 'it stays over night');
    }

    public function testNothingIsPromisedWhereNothingTakesIt(): void
    {
        $queue = self::queue([]);

        self::assertNull(
            (new PromiseRule())->promise(
                $queue,
                (new QueueRule())->schedule($queue),
                new QueueJob('new', null, ['elsewhere'], 60),
                0.0,
            ),
        );
    }

    public function testMoreHoursNeverMakeAPromiseLater(): void
    {
        $this->forAll(Generators::choose(30, 2400), Generators::choose(0, 4), Generators::choose(30, 300))->then(
            static function (int $minutes, int $day, int $more): void {
                $queue = self::queue([new QueueJob('before', 1, ['north'], 500)]);
                $longer = $queue->during($queue->time->withMore($day, $more) ?? $queue->time);
                $job = new QueueJob('new', null, ['north'], $minutes);
                $promise = static fn(Queue $in): ?Promise => (new PromiseRule())->promise(
                    $in,
                    (new QueueRule())->schedule($in),
                    $job,
                    900.0,
                );
                self::assertLessThanOrEqual($promise($queue)?->even, $promise($longer)?->even);
                self::assertLessThanOrEqual($promise($queue)?->safe, $promise($longer)?->safe);
                self::assertGreaterThanOrEqual($promise($queue)?->even, $promise($queue)?->safe);
            },
        );
    }

    public function testAPinIsToldItsCostAndWhomItMakesLate(): void
    {
        $urgent = new QueueJob('urgent', 0, ['north'], 7 * self::HOUR);
        $slow = new QueueJob('slow', 9, ['north'], 7 * self::HOUR);
        $queue = self::queue([$urgent, $slow->pinned(['north'], 1, 0)]);
        $rule = new PinRule();

        self::assertSame([1.0, ['urgent']], $rule->cost($queue, (new QueueRule())->schedule($queue), $slow));

        $harmless = self::queue([$urgent->pinned(['north'], 1, 0), $slow]);
        self::assertSame(
            [0.0, []],
            $rule->cost($harmless, (new QueueRule())->schedule($harmless), $urgent),
            'a place that it would have had costs nothing',
        );
    }

    public function testALateQuiltIsToldEveryWayOutAndWhatItCosts(): void
    {
        $first = new QueueJob('first', 0, ['north'], 8 * self::HOUR, weight: 2.0);
        $late = new QueueJob('late', 0, ['north'], 4 * self::HOUR);
        $queue = self::queue([$first, $late], frames: ['north', 'attic']);
        $schedule = (new QueueRule())->schedule($queue);
        $placed = $schedule->find('late');
        self::assertNotNull($placed);
        self::assertSame(1, $placed->daysLate());
        $ways = (new WaysOutRule())->waysOut($queue, $schedule, $placed, [$late, $late->taking(['attic'], 240)]);

        self::assertSame(
            [WayOutKind::OtherFrame, WayOutKind::MoreHours, WayOutKind::Next, WayOutKind::LaterDue],
            array_map(static fn(WayOut $way): WayOutKind => $way->kind, $ways),
        );
        self::assertSame(['attic', 0.0, 780], [$ways[0]->frame, $ways[0]->costs, $ways[0]->end]);
        self::assertSame([0, 240, 0.0], [$ways[1]->day, $ways[1]->minutes, $ways[1]->costs]);
        self::assertSame(2.0, $ways[2]->costs, 'the other is a day late then, and weighs twice');
        self::assertSame(1, $ways[3]->day);
    }

    public function testAnotherFrameIsToldByWhatItTakesThere(): void
    {
        $first = new QueueJob('first', 0, ['north'], 8 * self::HOUR, weight: 2.0);
        $late = new QueueJob('late', 0, ['north'], 4 * self::HOUR);
        $queue = self::queue([$first, $late], frames: ['north', 'attic']);
        $schedule = (new QueueRule())->schedule($queue);
        $placed = $schedule->find('late');
        self::assertNotNull($placed);
        foreach ([480 => 1020, 481 => null] as $minutes => $end) {
            $ways = array_values(
                array_filter(
                    (new WaysOutRule())->waysOut($queue, $schedule, $placed, [$late->taking(['attic'], $minutes)]),
                    static fn(WayOut $way): bool => WayOutKind::OtherFrame === $way->kind,
                ),
            );
            self::assertSame($end, ($ways[0] ?? null)?->end, "$minutes minutes");
        }
    }

    public function testTheFewestHoursMoreAreFoundUpToTheLastThatADayHasRoomFor(): void
    {
        foreach ([510 => 30, 690 => 210, 750 => 270, 780 => 300, 781 => null] as $minutes => $more) {
            $queue = self::queue([new QueueJob('late', 0, ['north'], $minutes)]);
            $schedule = (new QueueRule())->schedule($queue);
            $ways = (new WaysOutRule())->waysOut($queue, $schedule, $schedule->placed[0], [$schedule->placed[0]->job]);

            self::assertSame($more, $ways[0]->minutes, "$minutes minutes");
        }
    }

    public function testWhereNothingHelpsTheFirstDayIsToldAllTheSame(): void
    {
        $late = new QueueJob('late', 0, ['north'], 30 * self::HOUR);
        $queue = self::queue([$late]);
        $schedule = (new QueueRule())->schedule($queue);
        $ways = (new WaysOutRule())->waysOut($queue, $schedule, $schedule->placed[0], [$schedule->placed[0]->job]);

        self::assertCount(1, $ways);
        self::assertSame([WayOutKind::LaterDue, 3], [$ways[0]->kind, $ways[0]->day]);
    }

    public function testNobodyWorksPastTenAtNight(): void
    {
        $time = self::queue([])->time;

        self::assertNotNull($time->withMore(0, 300));
        self::assertNull($time->withMore(0, 301));
        self::assertSame([[540, 660]], $time->withMore(5, 120)?->spansOn(5), 'a Saturday begins at nine');
        self::assertSame([[540, 1020], [1020, 1080]], $time->withMore(1, 60)?->spansOn(1));
    }

    /**
     * @param list<QueueJob> $jobs
     * @param list<Running>  $running
     * @param list<string>   $frames
     */
    private static function queue(array $jobs, array $running = [], array $frames = ['north']): Queue
    {
        $time = new WorkingTime(new \DateTimeImmutable('2027-03-01'), array_fill_keys([1, 2, 3, 4, 5], [[540, 1020]]));

        return new Queue($time, $frames, $jobs, $running);
    }
}
