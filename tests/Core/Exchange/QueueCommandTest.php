<?php

declare(strict_types=1);

namespace Tests\Core\Exchange;

use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Schwung\Core\Exchange\QueueAnswer;
use Schwung\Core\Exchange\QueueDocument;
use Schwung\Core\Exchange\QueueReader;

/** schwung:queue as a shell runs it. The first of March 2027 is a Monday. */
#[CoversClass(QueueAnswer::class)]
#[CoversClass(QueueDocument::class)]
#[CoversClass(QueueReader::class)]
final class QueueCommandTest extends TestCase
{
    private const WEEK = [
        'format' => 'schwung/queue',
        'version' => 1,
        'from' => '2027-03-01',
        'hours' => ['mon' => ['09:00-12:30', '13:30-17:00'], 'tue' => ['09:00-12:30', '13:30-17:00']],
        'off' => ['2027-03-08'],
        'frames' => ['north', 'south'],
        'jobs' => [
            ['id' => 'J1', 'due' => '2027-03-02', 'frames' => ['north'], 'minutes' => 240],
            ['id' => 'J2', 'due' => '2027-03-01', 'frames' => ['north'], 'minutes' => 300],
            ['id' => 'J3', 'frames' => ['south'], 'minutes' => 30, 'not_before' => '2027-03-02T10:00'],
        ],
    ];

    public function testTheOneThatIsDueFirstGoesFirstAndTheRestStaysOvernight(): void
    {
        $result = self::resultOf(self::WEEK);

        self::assertSame(
            [
                [
                    'id' => 'J1',
                    'frame' => 'north',
                    'start' => '2027-03-01T15:00',
                    'end' => '2027-03-02T11:00',
                    'days_late' => 0,
                ],
                [
                    'id' => 'J2',
                    'frame' => 'north',
                    'start' => '2027-03-01T09:00',
                    'end' => '2027-03-01T15:00',
                    'days_late' => 0,
                ],
                [
                    'id' => 'J3',
                    'frame' => 'south',
                    'start' => '2027-03-02T10:00',
                    'end' => '2027-03-02T10:30',
                    'days_late' => 0,
                ],
            ],
            $result['jobs'],
        );
        self::assertEquals([0, 0, true], [$result['weighted_lateness'], $result['late_jobs'], $result['proved_best']]);
        self::assertArrayNotHasKey('pins_cost', $result);
    }

    public function testAPinCostsWhatItDelaysAndSaysWhenTheLateOneCouldBeDone(): void
    {
        $result = self::resultOf([...self::WEEK, 'pins' => [['id' => 'J1', 'frame' => 'north', 'place' => 1]]]);

        self::assertEquals(1, $result['pins_cost']);
        self::assertSame(1, $result['late_jobs']);
        self::assertIsArray($result['jobs']);
        self::assertSame(
            [
                'id' => 'J2',
                'frame' => 'north',
                'start' => '2027-03-01T14:00',
                'end' => '2027-03-02T11:00',
                'days_late' => 1,
                'setup_minutes' => 0,
                'earliest_day' => '2027-03-01',
            ],
            $result['jobs'][1],
        );
    }

    public function testAnotherThreadThanThatOfWhatIsRunningTakesItsMinutes(): void
    {
        $jobs = self::WEEK['jobs'];
        $jobs[2]['traits'] = ['thread' => 'grey'];
        $result = self::resultOf([
            ...self::WEEK,
            'jobs' => $jobs,
            'setup' => ['thread' => 10],
            'running' => [['id' => 'J9', 'frame' => 'south', 'minutes_left' => 480, 'traits' => ['thread' => 'white']]],
        ]);

        self::assertIsArray($result['jobs']);
        self::assertSame(
            [
                'id' => 'J3',
                'frame' => 'south',
                'start' => '2027-03-02T10:10',
                'end' => '2027-03-02T10:40',
                'days_late' => 0,
                'setup_minutes' => 10,
            ],
            $result['jobs'][2],
        );
    }

    public function testNamesMayBeNumbers(): void
    {
        $job = static fn(string $id, int $minutes): array => [
            'id' => $id,
            'due' => '2027-03-01',
            'frames' => ['2', '1'],
            'minutes' => $minutes,
        ];
        foreach ([3, 14] as $count) {
            $result = self::resultOf([
                ...self::WEEK,
                'frames' => ['1', '2'],
                'jobs' => array_map(static fn(int $id): array => $job((string) $id, 10 + $id), range(1, $count)),
                'running' => [['id' => '0', 'frame' => '2', 'minutes_left' => 1]],
            ]);

            self::assertIsArray($result['jobs']);
            self::assertSame(array_map(strval(...), range(1, $count)), array_column($result['jobs'], 'id'));
            self::assertContains('1', array_column($result['jobs'], 'frame'));
            self::assertContains('2', array_column($result['jobs'], 'frame'));
            self::assertSame([0, 3 === $count], [$result['late_jobs'], $result['proved_best']]);
        }
    }

    /** @param array<string, mixed> $other */
    #[DataProvider('faults')]
    public function testWhatCannotBeIsToldAtItsPlace(array $other, string $pointer): void
    {
        [$code, $output, $errors] = Commands::run(
            'schwung:queue',
            json_encode([...self::WEEK, ...$other], \JSON_THROW_ON_ERROR),
        );

        self::assertSame([2, ''], [$code, $output]);
        self::assertStringStartsWith("$pointer: ", $errors);
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function faults(): iterable
    {
        $job = ['id' => 'J1', 'frames' => ['north'], 'minutes' => 60];
        yield 'no hours at all' => [['hours' => new \stdClass()], '/hours'];
        yield 'spans that overlap' => [['hours' => ['mon' => ['09:00-12:00', '11:00-14:00']]], '/hours/mon/1'];
        yield 'a span that ends before it begins' => [['hours' => ['mon' => ['12:00-09:00']]], '/hours/mon/0'];
        yield 'a frame that is not there' => [['jobs' => [[...$job, 'frames' => ['west']]]], '/jobs/0/frames/0'];
        yield 'the same quilt twice' => [['jobs' => [$job, $job]], '/jobs/1/id'];
        yield 'a day that no month has' => [['off' => ['2027-02-30']], '/off/0'];
        yield 'a day with a byte of nothing' => [['off' => ["2027-03-02\0"]], '/off/0'];
        yield 'a time that no day has' => [['from' => '2027-03-01T24:30'], '/from'];
        yield 'no frame' => [['frames' => []], '/frames'];
        yield 'a quilt for no frame' => [['jobs' => [[...$job, 'frames' => []]]], '/jobs/0/frames'];
        yield 'work beyond all days' => [
            ['hours' => ['mon' => ['09:00-09:01']], 'jobs' => [[...$job, 'minutes' => 5000]]],
            '/jobs',
        ];
        yield 'a pin of a quilt that does not wait' => [['pins' => [['id' => 'J7']]], '/pins/0/id'];
        yield 'two on a frame at once' => [
            [
                'running' => [
                    ['id' => 'A', 'frame' => 'north', 'minutes_left' => 1],
                    ['id' => 'B', 'frame' => 'north', 'minutes_left' => 1],
                ],
            ],
            '/running/1/frame',
        ];
        yield 'two pinned to one place' => [
            [
                'pins' => [
                    ['id' => 'J1', 'frame' => 'north', 'place' => 1],
                    ['id' => 'J2', 'frame' => 'north', 'place' => 1],
                ],
            ],
            '/pins/1/place',
        ];
    }

    /**
     * @param array<string, mixed> $document
     *
     * @return array<string, mixed>
     */
    private static function resultOf(array $document): array
    {
        [$code, $output, $errors] = Commands::run('schwung:queue', json_encode($document, \JSON_THROW_ON_ERROR));
        self::assertSame([0, ''], [$code, $errors]);
        $answer = json_decode($output, true, flags: \JSON_THROW_ON_ERROR);
        self::assertIsArray($answer);
        self::assertIsArray($answer['result'] ?? null);

        /** @var array<string, mixed> */
        return $answer['result'];
    }
}
