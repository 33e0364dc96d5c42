<?php

declare(strict_types=1);

namespace Tests\Core\Running;

use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Schwung\Core\Exchange\LineAnswer;
use Schwung\Core\Exchange\LineReader;
use Schwung\Core\Material\Direction;
use Schwung\Core\Material\Top;
use Schwung\Core\Material\TopEdge;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\LengthWriter;
use Schwung\Core\Measure\UnitSystem;
use Schwung\Core\Running\LineReading;
use Schwung\Core\Running\LineRule;
use Schwung\Core\Running\Slant;
use Schwung\Core\Running\StraightState;
use Schwung\Core\Running\StretchRule;
use Schwung\Core\Running\StretchState;
use Tests\Core\Exchange\Commands;

/** What is read of cloth in the bed: how straight a seam lies, how wide the top is, how a seam runs to the row. */
#[CoversClass(LineRule::class)]
#[CoversClass(LineReader::class)]
#[CoversClass(LineAnswer::class)]
#[CoversClass(StretchRule::class)]
#[CoversClass(StretchState::class)]
#[CoversClass(Slant::class)]
final class LineTest extends TestCase
{
    public function testReadingsAnywhereGiveSlopeAndBow(): void
    {
        $line = self::line([36, -0.125], [-20, 0.125], [5, 0.0625]);

        self::assertSame(StraightState::Move, $line->state);
        self::assertEqualsWithDelta(-0.0045267, $line->slope, 1e-7);
        self::assertEqualsWithDelta(-9.198, $line->overWidth->toMillimetres(), 0.001);
        self::assertEqualsWithDelta(1.127, $line->bow?->toMillimetres(), 0.001);
    }

    /** @param list<array{float, float}> $readings */
    #[DataProvider('limits')]
    public function testAnEighthIsStraightEnough(array $readings, StraightState $state): void
    {
        self::assertSame($state, self::line(...$readings)->state);
    }

    /** @return iterable<string, array{list<array{float, float}>, StraightState}> over a width of 80 in */
    public static function limits(): iterable
    {
        yield 'an eighth over the width' => [[[-40, 0], [40, 0.125]], StraightState::Straight];
        yield 'more than that' => [[[-40, 0], [40, 0.126]], StraightState::Move];
        yield 'read over half the width' => [[[0, 0], [40, 0.0626]], StraightState::Move];
        yield 'bowed by an eighth' => [[[-40, 0], [0, 0.125], [40, 0]], StraightState::Straight];
        yield 'bowed by more' => [[[-40, 0], [0, -0.126], [40, 0]], StraightState::Bowed];
        yield 'a slope goes first' => [[[-40, 0], [0, 1], [40, 0.3]], StraightState::Move];
    }

    public function testTwoReadingsTellNoBow(): void
    {
        self::assertNull(self::line([-30, 0], [30, 0])->bow);
    }

    #[DataProvider('widths')]
    public function testAWidthInTheBedIsHeldAgainstTheTable(
        ?TopEdge $lead,
        float $depth,
        float $read,
        string $says,
    ): void {
        $top = new Top(...[...array_map(Length::inches(...), [60, 61, 63, 80, 82, 85]), 'lead' => $lead]);
        $direction = $lead?->direction() ?? Direction::AsIs;
        $stretch = (new StretchRule())->judge($top, $direction, Length::inches($depth), Length::inches($read));

        self::assertSame($says, $stretch->state->value);
    }

    /** @return iterable<string, array{TopEdge|null, float, float, string}> along is 85 as it is, 63 turned */
    public static function widths(): iterable
    {
        yield 'as wide as at its lead edge' => [null, 0, 60.3, 'fine'];
        yield 'pulled' => [null, 0, 60.31, 'stretched'];
        yield 'bunched' => [null, 0, 59.69, 'bunched'];
        yield 'half way to the middle' => [null, 21.25, 60.5, 'fine'];
        yield 'half way from the middle to the tail' => [null, 63.75, 62.32, 'stretched'];
        yield 'the bottom leads' => [TopEdge::Bottom, 0, 63, 'fine'];
        yield 'turned, the left edge leads' => [TopEdge::Left, 0, 80, 'fine'];
        yield 'turned, the right edge leads' => [TopEdge::Right, 0, 85, 'fine'];
        yield 'turned, at the middle' => [TopEdge::Right, 31.5, 82, 'fine'];
        yield 'as wide as cloth ever gives' => [null, 0, 66, 'stretched'];
        yield 'wider than that' => [null, 0, 66.01, 'elsewhere'];
        yield 'narrower than it can be' => [null, 0, 53.99, 'elsewhere'];
        yield 'beyond its tail' => [TopEdge::Left, 90, 85, 'fine'];
    }

    public function testASeamThatRunsFromTheRowTurnsTheNext(): void
    {
        $says = static fn(float $left, float $right): string => Slant::of(
            Length::inches($left),
            Length::inches($right),
            Length::inches(40),
            Length::inches(60),
        )
            ->sentence()
            ->writtenBy(new LengthWriter(UnitSystem::Inches));

        self::assertSame('Turn the next row by 0.2° clockwise, or lay its right side ¼ in lower.', $says(3, 3.16));
        self::assertSame(
            'Turn the next row by 0.2° counterclockwise, or lay its right side ¼ in higher.',
            $says(3.16, 3),
        );
        self::assertSame('The seam runs with the row: lay the next one as it is.', $says(3, 3.04));
        $this->expectExceptionMessage('Both places lie on one point');
        Slant::of(Length::zero(), Length::inches(1), Length::zero(), Length::inches(60));
    }

    public function testTheCommandAddsItsResult(): void
    {
        [$code, $out] = self::answer('[{"at":"-30 in","off":"0 in"},{"at":"30 in","off":"3/16 in"}]');
        $answer = json_decode($out);

        self::assertSame(0, $code);
        self::assertInstanceOf(\stdClass::class, $answer);
        self::assertEquals(
            json_decode('{"slope":0.003125,"over_width":{"mm":5.398,"text":"3/16 in"},"bow":null,"state":"move"}'),
            $answer->result,
        );
        $schema = (string) file_get_contents(__DIR__ . '/../../../docs/formats/line.schema.json');
        self::assertTrue((new Validator())->validate($answer, $schema)->isValid());
    }

    #[DataProvider('faults')]
    public function testFaultsAreToldAtTheirPlace(string $readings, string $line): void
    {
        [$code, , $errors] = self::answer($readings);

        self::assertSame(2, $code);
        self::assertStringContainsString($line, $errors);
    }

    /** @return iterable<string, array{string, string}> */
    public static function faults(): iterable
    {
        yield 'one place' => ['[{"at":"1 in","off":"0 in"}]', '/readings: '];
        yield 'two at one place' => [
            '[{"at":"1 in","off":"0 in"},{"at":"2.54 cm","off":"1 in"}]',
            '/readings/1/at: "2.54 cm" cannot be here. Accepted is a place that has no reading yet.',
        ];
        yield 'no length' => ['[{"at":"1 in","off":"x in"},{"at":"2 in","off":"1 in"}]', '/readings/0/off: '];
    }

    /** @param array{float, float} ...$readings place and offset in inches */
    private static function line(array ...$readings): \Schwung\Core\Running\Line
    {
        return (new LineRule())->judge(
            array_values(
                array_map(
                    static fn(array $reading): LineReading => new LineReading(
                        Length::inches($reading[0]),
                        Length::inches($reading[1]),
                    ),
                    $readings,
                ),
            ),
            Length::inches(80),
        );
    }

    /** @return array{int, string, string} */
    private static function answer(string $readings): array
    {
        return Commands::run(
            'schwung:line',
            '{"format":"schwung/line","version":1,"units":"in","width":"68 in","readings":' . $readings . '}',
        );
    }
}
