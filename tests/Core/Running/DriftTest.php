<?php

declare(strict_types=1);

namespace Tests\Core\Running;

use Eris\Generators;
use Eris\TestTrait;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Schwung\Core\Exchange\DocumentCommand;
use Schwung\Core\Exchange\DriftReader;
use Schwung\Core\Measure\Length;
use Schwung\Core\Running\DriftRule;
use Schwung\Core\Running\DriftState;
use Schwung\Core\Running\RegisterReading;
use Tests\Core\Exchange\Commands;

#[CoversClass(DriftRule::class)]
#[CoversClass(DriftReader::class)]
#[CoversClass(DocumentCommand::class)]
final class DriftTest extends TestCase
{
    use TestTrait;

    /** The worked example for rule 16. */
    public function testADriftIsForecastToTheTail(): void
    {
        $drift = self::rule()->judge(
            self::readings([0, 0, 0], [12, 0.125, 0.125], [24, 0.125, 0.25], [36, 0.3125, 0.375], [48, 0.375, 0.4375]),
        );

        self::assertSame(DriftState::Ok, $drift->state);
        self::assertEqualsWithDelta(8.5938, $drift->slopePerMetre, 1e-4);
        self::assertEqualsWithDelta(19.804, $drift->forecast?->length()->toMillimetres(), 1e-3);
        self::assertEqualsWithDelta(1.134, $drift->forecastError?->length()->toMillimetres(), 1e-3);
        self::assertEqualsWithDelta(3.22031, $drift->marginLeft?->length()->toInches(), 1e-5);
        self::assertEqualsWithDelta(0.0625, $drift->skew?->length()->toInches(), 1e-6);
    }

    /** @param array{float, float, float} ...$readings */
    #[DataProvider('states')]
    public function testTheStateFollowsMarginMoveAndSkew(DriftState $state, array ...$readings): void
    {
        self::assertSame($state, self::rule()->judge(self::readings(...$readings))->state);
    }

    /** @return iterable<string, list<mixed>> */
    public static function states(): iterable
    {
        yield 'two readings' => [DriftState::Unknown, [0, 0, 0], [10, 0.1, 0.1]];
        yield 'none' => [DriftState::Unknown];
        yield 'still' => [DriftState::Ok, [0, 0, 0], [10, 0, 0], [20, 0, 0]];
        yield 'less than an inch left' => [DriftState::Watch, [0, 0, 0], [5, 0.2, 0.2], [10, 0.35, 0.35]];
        yield 'beyond the margin' => [DriftState::Act, [0, 0, 0], [5, 0.25, 0.25], [10, 0.5, 0.5]];
        yield 'beyond the margin to the left' => [DriftState::Act, [0, 0, 0], [5, -0.25, -0.25], [10, -0.5, -0.5]];
        yield 'one advance too far' => [DriftState::Act, [0, 0, 0], [40, 0, 0], [80, 0.3, 0.3]];
        yield 'exactly a quarter inch in one advance' => [DriftState::Ok, [0, 0, 0], [40, 0, 0], [80, 0.25, 0.25]];
        yield 'skewed' => [DriftState::Act, [0, 0, 0], [40, 0, 0], [80, -0.15, 0.15]];
    }

    public function testTwoReadingsAtOneLengthAreRefused(): void
    {
        $this->expectExceptionMessage('Two readings are at one length.');
        self::rule()->judge(self::readings([0, 0, 0], [10, 0, 0], [10, 1, 1]));
    }

    public function testAStraightDriftIsForecastExactlyInAnyOrder(): void
    {
        $this->forAll(Generators::choose(-4, 4), Generators::choose(3, 8))->then(static function (
            int $sixteenths,
            int $count,
        ): void {
            $readings = array_map(
                static fn(int $i): RegisterReading => new RegisterReading(
                    Length::inches(9 * $i),
                    Length::inches(($sixteenths * $i) / 16),
                    Length::inches(($sixteenths * $i) / 16),
                ),
                range(0, $count - 1),
            );
            $drift = self::rule()->judge(array_reverse($readings));
            self::assertEqualsWithDelta(($sixteenths * 10) / 16, $drift->forecast?->length()->toInches(), 1e-6);
            self::assertEqualsWithDelta(0, $drift->forecastError?->length()->toMillimetres(), 1e-4);
        });
    }

    /** @param array<string, mixed> $change members to replace */
    #[DataProvider('faults')]
    public function testTheCommandTellsEachFaultAtItsPlace(array $change, string $line): void
    {
        [$code, , $err] = self::resultOf([...self::document(), ...$change]);

        self::assertSame(2, $code);
        self::assertStringContainsString($line, $err);
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function faults(): iterable
    {
        yield 'another format' => [['format' => 'schwung/job'], '/format: "schwung/job" cannot be here.'];
        yield 'no length' => [['length' => '0 in'], '/length: "0 in" cannot be here.'];
        yield 'a margin below zero' => [['side_margin' => '-4 in'], '/side_margin: "-4 in" cannot be here.'];
        yield 'two at one length' => [
            [
                'readings' => [
                    ['wound' => '1 in', 'left' => '0 in', 'right' => '0 in'],
                    ['wound' => '2.54 cm', 'left' => '0 in', 'right' => '0 in'],
                ],
            ],
            '/readings/1/wound: "2.54 cm" cannot be here. Accepted is a length that has no reading yet.',
        ];
        yield 'an offset without its unit' => [
            ['readings' => [['wound' => '1 in', 'left' => '0', 'right' => '0 in']]],
            '/readings/0/left: "0" has no unit.',
        ];
    }

    public function testTheCommandAddsItsResult(): void
    {
        [$code, $out] = self::resultOf(self::document());
        /** @var array{result: array{state: string, slope_per_m: float, margin_left: array{text: string}}} $document */
        $document = json_decode($out, true, flags: \JSON_THROW_ON_ERROR);

        self::assertSame(0, $code);
        self::assertSame(
            ['ok', 0.0, '4 in'],
            [
                $document['result']['state'],
                (float) $document['result']['slope_per_m'],
                $document['result']['margin_left']['text'],
            ],
        );
        $schema = (string) file_get_contents(__DIR__ . '/../../../docs/formats/drift.schema.json');
        self::assertTrue((new Validator())->validate(json_decode($out), $schema)->isValid());
        [, $out] = self::resultOf([...self::document(), 'readings' => []]);
        self::assertStringContainsString('"state": "unknown"', $out);
        self::assertTrue((new Validator())->validate(json_decode($out), $schema)->isValid());
    }

    private static function rule(): DriftRule
    {
        return new DriftRule(Length::inches(4), Length::inches(90));
    }

    /**
     * @param array{float, float, float} ...$rows
     *
     * @return list<RegisterReading>
     */
    private static function readings(array ...$rows): array
    {
        return array_values(
            array_map(
                static fn(array $row): RegisterReading => new RegisterReading(
                    Length::inches($row[0]),
                    Length::inches($row[1]),
                    Length::inches($row[2]),
                ),
                $rows,
            ),
        );
    }

    /** @return array<string, mixed> */
    private static function document(): array
    {
        $reading = static fn(string $wound): array => ['wound' => $wound, 'left' => '0 in', 'right' => '0 in'];

        return [
            'format' => 'schwung/drift',
            'version' => 1,
            'units' => 'in',
            'side_margin' => '4 in',
            'length' => '90 in',
            'readings' => [$reading('0 in'), $reading('12 in'), $reading('24 in')],
        ];
    }

    /**
     * @param array<string, mixed> $document
     *
     * @return array{int, string, string} exit code, output, errors
     */
    private static function resultOf(array $document): array
    {
        return Commands::run('schwung:drift', json_encode($document, \JSON_THROW_ON_ERROR));
    }
}
