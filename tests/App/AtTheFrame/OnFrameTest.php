<?php

declare(strict_types=1);

namespace Tests\App\AtTheFrame;

use App\AtTheFrame\OnFrame;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Schwung\Core\Queue\Workload;
use Symfony\Component\Uid\Ulid;

#[CoversClass(OnFrame::class)]
final class OnFrameTest extends TestCase
{
    #[DataProvider('moments')]
    public function testItIsSaidSinceWhenAQuiltIsParked(?string $parked, bool $isFinished, string $words): void
    {
        $one = new OnFrame(
            quilt: new Ulid(),
            title: 'Nine winds',
            frame: 'North frame',
            frameId: new Ulid(),
            pass: 5,
            passes: 6,
            left: '2 passes, 3 ½ rows left',
            parked: null === $parked ? null : new \DateTimeImmutable($parked),
            isFinished: $isFinished,
            size: [1000.0, 1500.0],
            work: new Workload([]),
            client: 'Bertil Ockley',
            due: null,
        );

        self::assertSame($words, $one->words(new \DateTimeImmutable('2027-03-14 10:00')));
    }

    /** @return iterable<string, array{string|null, bool, string}> */
    public static function moments(): iterable
    {
        $at = 'pass 5 of 6, 2 passes, 3 ½ rows left';
        yield 'not parked' => [null, false, $at];
        yield 'just under a day' => ['2027-03-13 10:01', false, "$at, parked"];
        yield 'a day' => ['2027-03-13 10:00', false, "$at, parked 1 day"];
        yield 'two' => ['2027-03-12 09:59', false, "$at, parked 2 days"];
        yield 'every step done' => [null, true, 'every step done'];
    }
}
