<?php

declare(strict_types=1);

namespace Tests\Core\Queue;

use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\TestCase;
use Schwung\Core\Queue\Chore;
use Schwung\Core\Queue\ChoreKind;
use Schwung\Core\Queue\ChoreRule;
use Schwung\Core\Queue\Queue;
use Schwung\Core\Queue\QueueJob;
use Schwung\Core\Queue\QueueRule;
use Schwung\Core\Queue\Running;
use Schwung\Core\Queue\Wants;
use Schwung\Core\Queue\WorkingTime;

/** What the queue asks for, by when. Monday first; work from nine to five. */
#[CoversClass(Chore::class)]
#[CoversClass(ChoreKind::class)]
#[CoversClass(ChoreRule::class)]
#[CoversClass(Wants::class)]
final class ChoreTest extends TestCase
{
    private const DAY = 1440;

    public function testEachThingIsAskedForInTimeForTheLoadThatNeedsIt(): void
    {
        // On the frame from Wednesday nine o'clock on, behind sixteen hours of work.
        $chores = self::chores(
            [new QueueJob('later', 3, ['north'], 60)],
            [
                'later' => new Wants(
                    rests: self::DAY,
                    isAwaited: false,
                    promises: ['strip/lead', 'trim'],
                    isZipped: true,
                ),
            ],
            [new Running('now', 'north', 960)],
        );

        self::assertSame(
            [
                ['go-on now', 0],
                ['unpack later', self::DAY + 540],
                ['at-the-table later strip/lead', self::DAY + 540],
                ['at-the-table later trim', self::DAY + 540],
                ['pin-zips later', self::DAY + 540],
                ['load later', 2 * self::DAY + 540],
            ],
            array_map(static fn(Chore $chore): array => [$chore->key, $chore->by], $chores),
        );
    }

    public function testWhatShouldHaveBeenDoneBeforeHasToBeDoneNow(): void
    {
        $chores = self::chores(
            [new QueueJob('next', 3, ['north'], 60)],
            ['next' => new Wants(rests: self::DAY, isAwaited: true)],
            now: 600,
        );

        self::assertSame(
            [[ChoreKind::Unpack, 600], [ChoreKind::AskClient, 600], [ChoreKind::Load, 600]],
            array_map(static fn(Chore $chore): array => [$chore->kind, $chore->by], $chores),
        );
    }

    public function testWhatIsMissingIsBoughtADayBeforeItsRestBegins(): void
    {
        $behind = [new Running('now', 'north', 1440)];
        $chores = static fn(Wants $wants): array => array_map(
            static fn(Chore $chore): array => [$chore->key, $chore->by],
            array_values(
                array_filter(
                    self::chores([new QueueJob('later', 3, ['north'], 60)], ['later' => $wants], $behind),
                    static fn(Chore $chore): bool => \in_array(
                        $chore->kind,
                        [ChoreKind::Buy, ChoreKind::BuyThread],
                        true,
                    ),
                ),
            ),
        );

        // On the frame from Thursday nine o'clock on.
        self::assertSame(
            [['buy later', 2 * self::DAY + 540], ['buy-thread later', 2 * self::DAY + 540]],
            $chores(new Wants(isWithoutBatting: true, isWithoutThread: true)),
        );
        self::assertSame(
            [['buy later', 2 * self::DAY + 540 - 120]],
            $chores(new Wants(rests: 120, isWithoutBatting: true)),
        );
        self::assertSame([], $chores(new Wants()));
    }

    public function testWhoNeedsNothingIsOnlyLoaded(): void
    {
        $chores = self::chores([new QueueJob('plain', null, ['north'], 60)], []);

        self::assertSame([['load plain', 540]], [[$chores[0]->key, $chores[0]->by]]);
        self::assertCount(1, $chores);
    }

    /**
     * @param list<QueueJob>       $jobs
     * @param array<string, Wants> $wants
     * @param list<Running>        $running
     *
     * @return list<Chore>
     */
    private static function chores(array $jobs, array $wants, array $running = [], int $now = 0): array
    {
        $time = new WorkingTime(new \DateTimeImmutable('2027-03-01'), array_fill_keys([1, 2, 3, 4, 5], [[540, 1020]]));
        $queue = new Queue($time, ['north'], $jobs, $running, now: $now);

        return (new ChoreRule())->chores($queue, (new QueueRule())->schedule($queue), $wants);
    }
}
