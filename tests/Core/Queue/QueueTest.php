<?php

declare(strict_types=1);

namespace Tests\Core\Queue;

use Eris\Generators;
use Eris\TestTrait;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;
use Schwung\Core\Queue\Course;
use Schwung\Core\Queue\ExactRule;
use Schwung\Core\Queue\HeuristicRule;
use Schwung\Core\Queue\Label;
use Schwung\Core\Queue\Placed;
use Schwung\Core\Queue\Queue;
use Schwung\Core\Queue\QueueJob;
use Schwung\Core\Queue\QueueRule;
use Schwung\Core\Queue\Running;
use Schwung\Core\Queue\Schedule;
use Schwung\Core\Queue\Share;
use Schwung\Core\Queue\WorkingTime;

/** Which quilt goes on which frame when. The first day is a Monday; all work is from nine to five. */
#[CoversClass(Course::class)]
#[CoversClass(ExactRule::class)]
#[CoversClass(HeuristicRule::class)]
#[CoversClass(Label::class)]
#[CoversClass(Placed::class)]
#[CoversClass(Queue::class)]
#[CoversClass(QueueJob::class)]
#[CoversClass(QueueRule::class)]
#[CoversClass(Running::class)]
#[CoversClass(Schedule::class)]
#[CoversClass(Share::class)]
#[CoversClass(WorkingTime::class)]
final class QueueTest extends TestCase
{
    use TestTrait;

    private const HOUR = 60;

    public function testWorkRunsFromSpanToSpanOverNightsAndDaysOff(): void
    {
        // Nine to half past twelve, half past one to five; Wednesday off, no work at the week's end.
        $time = new WorkingTime(
            new \DateTimeImmutable('2027-03-01'),
            array_fill_keys([1, 2, 3, 4, 5], [[540, 750], [810, 1020]]),
            ['2027-03-03' => true],
        );

        self::assertSame(540, $time->startsAt(0));
        self::assertSame(750, $time->endsAt(210), 'it ends at noon');
        self::assertSame(810, $time->startsAt(210), 'and what follows begins after the meal');
        self::assertSame(1020, $time->endsAt(420));
        self::assertSame(3 * 1440 + 600, $time->endsAt(900), 'the day off is not worked');
        self::assertSame(7 * 1440 + 540 + 60, $time->endsAt(4 * 420 + 60), 'nor is the week\'s end');
        self::assertSame(210, $time->before(780));
        self::assertSame(840, $time->before(2 * 1440 + 700));
        self::assertSame(0, $time->before(0));
    }

    public function testWithoutHoursNothingIsEverDone(): void
    {
        $time = new WorkingTime(new \DateTimeImmutable('2027-03-01'), []);

        self::assertSame(0, $time->whole());
        self::assertNull($time->startsAt(0));
        self::assertNull($time->endsAt(60));
    }

    public function testTheOneThatIsDueFirstIsNotAlwaysFirst(): void
    {
        // Both are due on Monday and one of them is late either way: the heavier one is on time.
        $schedule = self::schedule([
            new QueueJob('light', 0, ['north'], 6 * self::HOUR),
            new QueueJob('heavy', 0, ['north'], 6 * self::HOUR, weight: 3.0),
        ]);

        self::assertSame(['heavy', 'light'], self::order($schedule));
        self::assertSame([1.0, 1], [$schedule->weightedLateness(), $schedule->lateJobs()]);
        self::assertTrue($schedule->isProved);
    }

    public function testChangesCostTheirMinutesBeforeAQuiltBegins(): void
    {
        // Grey, white, grey would change twice: both grey ones follow each other.
        $grey = ['thread' => 'grey'];
        $schedule = self::schedule(
            [
                new QueueJob('one', 2, ['north'], 2 * self::HOUR, traits: $grey),
                new QueueJob('two', 2, ['north'], 2 * self::HOUR, traits: ['thread' => 'white']),
                new QueueJob('three', 2, ['north'], 2 * self::HOUR, traits: $grey),
            ],
            setup: ['thread' => 30],
            running: [new Running('now', 'north', 60, $grey)],
        );

        self::assertSame('two', self::order($schedule)[2]);
        self::assertSame([0, 0, 30], array_map(static fn(Placed $one): int => $one->setupMinutes, $schedule->placed));
        self::assertSame(600, $schedule->placed[0]->start, 'what runs is finished first');
        self::assertSame(600 + 4 * self::HOUR + 30, $schedule->placed[2]->start);
    }

    public function testAPinKeepsItsPlaceAndTheRestIsBestAroundIt(): void
    {
        $jobs = [
            new QueueJob('urgent', 0, ['north'], 7 * self::HOUR),
            new QueueJob('pinned', 9, ['north'], 7 * self::HOUR),
            new QueueJob('later', 1, ['north'], 7 * self::HOUR),
        ];
        $free = self::schedule($jobs);
        $jobs[1] = $jobs[1]->pinned(['north'], 1, 0);
        $pinned = self::schedule($jobs);

        self::assertSame(['urgent', 'later', 'pinned'], self::order($free));
        self::assertSame(
            ['pinned', 'later', 'urgent'],
            self::order($pinned),
            'one that is late twice is better than two',
        );
        self::assertSame([0.0, 2.0], [$free->weightedLateness(), $pinned->weightedLateness()]);
    }

    public function testAPlaceFartherBackThanThereAreQuiltsIsTheLast(): void
    {
        $schedule = self::schedule([
            new QueueJob('last', 0, ['north'], self::HOUR, place: 7),
            new QueueJob('first', 5, ['north'], self::HOUR),
        ]);

        self::assertSame(['first', 'last'], self::order($schedule));
    }

    public function testWhatWaitsForItsBattingLetsOthersGoFirst(): void
    {
        $schedule = self::schedule([
            new QueueJob('resting', 1, ['north'], 4 * self::HOUR, notBefore: 1440 + 600),
            new QueueJob('ready', 5, ['north'], 4 * self::HOUR),
        ]);

        self::assertSame(['ready', 'resting'], self::order($schedule));
        self::assertSame(1440 + 600, $schedule->placed[1]->start);
        self::assertSame(
            1,
            (new QueueRule())->earliest(self::queue($schedule->placed[1]->job), $schedule->placed[1]->job),
        );
    }

    #[Group('slow')]
    public function testExactIsAsGoodAsTryingEverything(): void
    {
        $this->limitTo(60)
            ->forAll(Generators::choose(0, 1 << 30))
            ->then(static function (int $seed): void {
                $queue = self::drawn($seed, 2 + ($seed % 5), 1 + ($seed % 2));
                $schedule = (new QueueRule())->schedule($queue);

                self::assertTrue($schedule->isProved);
                self::assertSame(0, $schedule->compareTo(self::tried($queue)), "seed $seed");
            });
    }

    #[Group('slow')]
    public function testNothingIsEverWrongWithASchedule(): void
    {
        $this->limitTo(60)
            ->forAll(Generators::choose(0, 1 << 30))
            ->then(static function (int $seed): void {
                $queue = self::drawn($seed, 1 + ($seed % 24), 1 + ($seed % 3));
                $schedule = (new QueueRule())->schedule($queue);

                self::assertCount(\count($queue->jobs), $schedule->placed);
                foreach ($queue->frames as $frame) {
                    $free = $queue->runningOn($frame)->minutesLeft ?? 0;
                    $on = array_values(
                        array_filter($schedule->placed, static fn(Placed $one): bool => $one->frame === $frame),
                    );
                    foreach ($on as $i => $one) {
                        self::assertContains($frame, $one->job->frames);
                        self::assertGreaterThanOrEqual($free, $queue->time->before($one->start), 'never two at once');
                        self::assertGreaterThanOrEqual($one->job->notBefore, $one->start);
                        self::assertSame(
                            $one->job->minutes,
                            $queue->time->before($one->end) - $queue->time->before($one->start),
                            'in the hours alone, and all of it',
                        );
                        $free = $queue->time->before($one->end);
                        if (null !== $one->job->place) {
                            self::assertTrue(
                                $i + 1 === $one->job->place || self::areAllPinned(\array_slice($on, $i)),
                                'a pin keeps its place',
                            );
                        }
                    }
                }
                $first = (new Course($queue))->lay(
                    (new HeuristicRule($queue))->earliestDueFirst($queue->jobs, $queue->frames),
                );
                self::assertLessThanOrEqual(0, $schedule->compareTo($first), 'never worse than earliest due first');
            });
    }

    #[Group('slow')]
    public function testMoreHoursNeverMakeItLater(): void
    {
        $this->limitTo(30)
            ->forAll(Generators::choose(0, 1 << 30))
            ->then(static function (int $seed): void {
                $few = self::drawn($seed, 3 + ($seed % 5), 1 + ($seed % 2));
                $more = new Queue(
                    self::time(array_fill_keys([1, 2, 3, 4, 5, 6], [[480, 1080]])),
                    $few->frames,
                    $few->jobs,
                    $few->running,
                    $few->setup,
                );

                self::assertLessThanOrEqual(
                    (new QueueRule())->schedule($few)->weightedLateness(),
                    (new QueueRule())->schedule($more)->weightedLateness(),
                );
            });
    }

    public function testMoreThanTenInOneKnotAreNotCalledProved(): void
    {
        $many = array_map(
            static fn(int $i): QueueJob => new QueueJob("q$i", 20, ['north'], self::HOUR),
            range(1, ExactRule::MOST + 1),
        );

        self::assertFalse(self::schedule($many)->isProved);
        self::assertTrue(self::schedule(\array_slice($many, 1))->isProved);
        $apart = [...\array_slice($many, 1), new QueueJob('other', 20, ['south'], self::HOUR)];
        self::assertTrue(self::schedule($apart)->isProved, 'frames that share no quilt are planned apart');
    }

    /** @param list<Placed> $placed */
    private static function areAllPinned(array $placed): bool
    {
        return [] === array_filter($placed, static fn(Placed $one): bool => null === $one->job->place);
    }

    private static function queue(QueueJob ...$jobs): Queue
    {
        return new Queue(self::time(), ['north', 'south'], array_values($jobs));
    }

    /** @param array<int, list<array{int, int}>>|null $hours */
    private static function time(?array $hours = null): WorkingTime
    {
        return new WorkingTime(
            new \DateTimeImmutable('2027-03-01'),
            $hours ?? array_fill_keys([1, 2, 3, 4, 5], [[540, 1020]]),
        );
    }

    /**
     * @param list<QueueJob>     $jobs
     * @param array<string, int> $setup
     * @param list<Running>      $running
     */
    private static function schedule(array $jobs, array $setup = [], array $running = []): Schedule
    {
        return (new QueueRule())->schedule(new Queue(self::time(), ['north', 'south'], $jobs, $running, $setup));
    }

    /** @return list<string> */
    private static function order(Schedule $schedule): array
    {
        return array_map(static fn(Placed $one): string => $one->job->id, $schedule->placed);
    }

    private static function drawn(int $seed, int $count, int $frames): Queue
    {
        mt_srand($seed);
        $names = \array_slice(['north', 'south', 'attic'], 0, $frames);
        $jobs = [];
        $places = [];
        for ($i = 0; $i < $count; ++$i) {
            $able = array_values(array_filter($names, static fn(): bool => 0 < mt_rand(0, 2)));
            $able = [] === $able ? [$names[mt_rand(0, $frames - 1)]] : $able;
            $place = 0 === mt_rand(0, 4) ? mt_rand(1, $count) : null;
            if (null !== $place) {
                $able = [$able[0]];
                $place = isset($places[$able[0]][$place]) ? null : $place;
                $places[$able[0]][$place ?? 0] = true;
            }
            $jobs[] = new QueueJob(
                id: "q$i",
                due: 0 === mt_rand(0, 5) ? null : mt_rand(0, 6),
                frames: $able,
                minutes: mt_rand(30, 700),
                notBefore: 0 === mt_rand(0, 2) ? mt_rand(0, 5000) : 0,
                weight: mt_rand(1, 3),
                traits: ['thread' => ['grey', 'white'][mt_rand(0, 1)], 'foot' => ['disc', 'open'][mt_rand(0, 1)]],
                place: $place,
            );
        }

        return new Queue(
            self::time(),
            $names,
            $jobs,
            0 === mt_rand(0, 1) ? [new Running('now', 'north', mt_rand(0, 300), ['thread' => 'grey'])] : [],
            ['thread' => mt_rand(0, 1) * 20, 'foot' => 5],
        );
    }

    /** The best of every way of sharing out and of every order. */
    private static function tried(Queue $queue): Schedule
    {
        $best = null;
        foreach (self::shares($queue->jobs, array_fill_keys($queue->frames, [])) as $share) {
            foreach (self::ordersOf($share) as $orders) {
                $laid = (new Course($queue))->lay($orders);
                if (null === $best || $laid->compareTo($best) < 0) {
                    $best = $laid;
                }
            }
        }
        \assert($best instanceof Schedule);

        return $best;
    }

    /**
     * @param list<QueueJob>                $jobs
     * @param array<string, list<QueueJob>> $so
     *
     * @return iterable<array<string, list<QueueJob>>>
     */
    private static function shares(array $jobs, array $so): iterable
    {
        $job = array_shift($jobs);
        if (null === $job) {
            yield $so;

            return;
        }
        foreach ($job->frames as $frame) {
            yield from self::shares($jobs, [...$so, $frame => [...$so[$frame], $job]]);
        }
    }

    /**
     * @param array<string, list<QueueJob>> $share
     *
     * @return iterable<array<string, list<QueueJob>>>
     */
    private static function ordersOf(array $share): iterable
    {
        $frame = array_key_first($share);
        if (null === $frame) {
            yield [];

            return;
        }
        $jobs = $share[$frame];
        unset($share[$frame]);
        foreach (self::permutations($jobs) as $order) {
            foreach (self::ordersOf($share) as $others) {
                yield [$frame => $order, ...$others];
            }
        }
    }

    /**
     * @param list<QueueJob> $jobs
     *
     * @return iterable<list<QueueJob>>
     */
    private static function permutations(array $jobs): iterable
    {
        if ([] === $jobs) {
            yield [];
        }
        foreach ($jobs as $i => $job) {
            $others = $jobs;
            array_splice($others, $i, 1);
            foreach (self::permutations($others) as $order) {
                yield [$job, ...$order];
            }
        }
    }
}
