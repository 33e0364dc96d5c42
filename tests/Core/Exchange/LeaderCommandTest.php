<?php

declare(strict_types=1);

namespace Tests\Core\Exchange;

use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Schwung\Core\Exchange\DocumentCommand;
use Schwung\Core\Exchange\LeaderReader;
use Schwung\Core\Exchange\LeaderWriter;

#[CoversClass(DocumentCommand::class)]
#[CoversClass(LeaderReader::class)]
#[CoversClass(LeaderWriter::class)]
final class LeaderCommandTest extends TestCase
{
    public function testReadingsInAnyOrderGiveTheirResult(): void
    {
        [$code, $out] = Commands::run(
            'schwung:leader',
            json_encode(
                self::document([
                    ['25 in', '2 in'],
                    ['-50 in', '1 3/4 in'],
                    ['0 in', '2 1/8 in'],
                    ['50 in', '1 13/16 in'],
                    ['-25 in', '1 7/8 in'],
                ]),
                \JSON_THROW_ON_ERROR,
            ),
        );
        /**
         * @var array{
         *     result: array{
         *         verdict: string, range: array{text: string},
         *         cuts: list<array{cut: array{text: string}}>, dips: list<array{dip: array{mm: float}}>,
         *     },
         * } $document
         */
        $document = json_decode($out, true, flags: \JSON_THROW_ON_ERROR);
        $result = $document['result'];

        self::assertSame([0, 're-hem', '⅜ in'], [$code, $result['verdict'], $result['range']['text']]);
        self::assertSame(
            ['0 in', '⅛ in', '⅜ in', '¼ in', '1/16 in'],
            array_map(static fn(array $cut): string => $cut['cut']['text'], $result['cuts']),
        );
        self::assertEqualsWithDelta(46.663, $result['dips'][2]['dip']['mm'], 1e-3);
        self::assertTrue(
            (new Validator())
                ->validate(
                    json_decode($out),
                    (string) file_get_contents(__DIR__ . '/../../../docs/formats/leader-check.schema.json'),
                )
                ->isValid(),
        );
    }

    /** @param array<string, mixed> $document */
    #[DataProvider('faults')]
    public function testEachFaultIsToldAtItsPlace(array $document, string $line): void
    {
        [$code, $out, $err] = Commands::run('schwung:leader', json_encode($document, \JSON_THROW_ON_ERROR));

        self::assertSame([2, ''], [$code, $out]);
        self::assertStringContainsString($line, $err);
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function faults(): iterable
    {
        $three = [['-50 in', '1 in'], ['0 in', '1 in'], ['50 in', '1 in']];
        yield 'two readings' => [self::document(\array_slice($three, 1)), '/readings: '];
        yield 'no readings' => [
            ['readings' => null] + self::document($three),
            '/readings: is missing. Needed is a list of three readings or more',
        ];
        yield 'two at one station' => [
            self::document([...$three, ['0 cm', '2 in']]),
            '/readings/3/at: "0 cm" cannot be here. Accepted is a station that has no reading yet.',
        ];
        yield 'a distance below zero' => [
            self::document([...$three, ['60 in', '-1 in']]),
            '/readings/3/distance: "-1 in" cannot be here.',
        ];
        yield 'no unit' => [self::document([...$three, ['60', '1 in']]), '/readings/3/at: "60" has no unit.'];
        yield 'no span' => [['bed_span' => '0 in'] + self::document($three), '/bed_span: "0 in" cannot be here.'];
        yield 'another format' => [
            ['format' => 'schwung/job'] + self::document($three),
            '/format: "schwung/job" cannot be here.',
        ];
        yield 'an unknown key' => [
            ['reedings' => []] + self::document($three),
            '/reedings: is not a known key; did you mean "readings"?',
        ];
    }

    /**
     * @param list<array{string, string}> $readings
     *
     * @return array<string, mixed>
     */
    private static function document(array $readings): array
    {
        return [
            'format' => 'schwung/leader-check',
            'version' => 1,
            'units' => 'in',
            'bed_span' => '24 in',
            'readings' => array_map(
                static fn(array $reading): array => ['at' => $reading[0], 'distance' => $reading[1]],
                $readings,
            ),
        ];
    }
}
