<?php

declare(strict_types=1);

namespace Tests\Core\Learning;

use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Schwung\Core\Exchange\RollAnswer;
use Schwung\Core\Exchange\RollReader;
use Schwung\Core\Learning\RollReading;
use Schwung\Core\Learning\RollRule;
use Schwung\Core\Learning\RollState;
use Schwung\Core\Learning\ThicknessLearnt;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\LengthWriter;
use Schwung\Core\Measure\UnitSystem;
use Tests\Core\Exchange\Commands;

#[CoversClass(RollRule::class)]
#[CoversClass(RollReading::class)]
#[CoversClass(RollState::class)]
#[CoversClass(ThicknessLearnt::class)]
#[CoversClass(RollReader::class)]
#[CoversClass(RollAnswer::class)]
final class RollTest extends TestCase
{
    private const SCHEMA = __DIR__ . '/../../../docs/formats/roll.schema.json';

    public function testThreeKindsOfReadingTellOneThickness(): void
    {
        $learnt = self::rule()->judge(
            [
                RollReading::round(Length::inches(25), Length::inches(10)),
                RollReading::round(Length::inches(50), Length::inches(11.25)),
                RollReading::advance(Length::inches(70), Length::inches(80), 0.85),
            ],
            Length::millimetres(2.2),
        );

        self::assertSame(RollState::AsPlanned, $learnt->state);
        self::assertEqualsWithDelta(1.9913, $learnt->thickness?->toMillimetres(), 0.0001);
        self::assertEqualsWithDelta(0.1564, $learnt->error?->toMillimetres(), 0.0001);
        self::assertEqualsWithDelta(0.9051, $learnt->factor, 0.0001);
        self::assertSame(3, $learnt->readings);
    }

    public function testOneReadingSaysNothingYet(): void
    {
        $learnt = self::rule()->judge(
            [RollReading::diameter(Length::inches(25), Length::inches(3.2))],
            Length::millimetres(2.2),
        );

        self::assertSame(RollState::TooFew, $learnt->state);
        self::assertSame(
            [null, null, null, 1],
            [$learnt->thickness, $learnt->error, $learnt->factor, $learnt->readings],
        );
    }

    #[DataProvider('planned')]
    public function testATenthIsAsPlanned(float $planned, RollState $state): void
    {
        // A roll of exactly 2 mm, so that only the tenth counts.
        $readings = array_map(
            static fn(int $wound): RollReading => RollReading::diameter(
                Length::millimetres($wound),
                Length::millimetres(2 * sqrt(30 ** 2 + (2 * $wound) / \M_PI)),
            ),
            [400, 900],
        );

        self::assertSame($state, (new RollRule(28.0, 30.0))->judge($readings, Length::millimetres($planned))->state);
    }

    /** @return iterable<string, array{float, RollState}> */
    public static function planned(): iterable
    {
        yield 'a tenth of what was planned thicker' => [1.8185, RollState::AsPlanned];
        yield 'more than a tenth thicker' => [1.8177, RollState::Thicker];
        yield 'a tenth thinner' => [2.2219, RollState::AsPlanned];
        yield 'more than a tenth thinner' => [2.2227, RollState::Thinner];
    }

    public function testWhatScattersIsNotBelievedBeyondTwoErrors(): void
    {
        $at = static fn(float $wound, float $thickness): RollReading => RollReading::diameter(
            Length::millimetres($wound),
            Length::millimetres(2 * sqrt(30 ** 2 + ($thickness * $wound) / \M_PI)),
        );
        $rule = new RollRule(28.0, 30.0);

        // Both lie at 2.5 mm on the average, a quarter more than planned.
        $near = $rule->judge([$at(500, 2.45), $at(600, 2.55)], Length::millimetres(2));
        $far = $rule->judge([$at(500, 2.0), $at(600, 3.0)], Length::millimetres(2));

        self::assertSame(RollState::Thicker, $near->state);
        self::assertSame(RollState::AsPlanned, $far->state);
    }

    public function testAReadingThatCannotBeIsToldWhy(): void
    {
        $said = static fn(RollReading $reading): ?string => self::rule()
            ->fault($reading)
            ?->writtenBy(new LengthWriter(UnitSystem::Inches));

        self::assertSame(
            'That is less than the bare roller, which is 7 ⅞ in round and 2 ½ in through.',
            $said(RollReading::diameter(Length::inches(10), Length::inches(2.49))),
        );
        self::assertStringStartsWith(
            'Nothing is wound on yet',
            (string) $said(RollReading::round(Length::zero(), Length::inches(9))),
        );
        self::assertNull($said(RollReading::diameter(Length::inches(10), Length::inches(2.5))));
    }

    public function testARollDoesNotShrinkWhileItIsWound(): void
    {
        $at = static fn(float $wound, float $through): RollReading => RollReading::diameter(
            Length::inches($wound),
            Length::inches($through),
        );

        self::assertSame(
            'With 20 in wound on the roll was read as 4 in through, and with 40 in as 3 ⅝ in: one of them is misread.',
            self::rule()
                ->contradiction([$at(40, 3.625), $at(20, 4), $at(60, 4.5)])
                ?->writtenBy(new LengthWriter(UnitSystem::Inches)),
        );
        self::assertNull(self::rule()->contradiction([$at(20, 4), $at(40, 3.75)]), 'a tape errs by so much');
        self::assertNull(self::rule()->contradiction([]));
    }

    public function testEachLoadTeachesAFifth(): void
    {
        self::assertSame(1.0, ThicknessLearnt::of([])->factor);
        self::assertEqualsWithDelta(1.1, ThicknessLearnt::of([1.5])->factor, 1e-9);
        self::assertEqualsWithDelta(1.18, ThicknessLearnt::of([1.5, 1.5])->factor, 1e-9);
        self::assertSame(2.0, ThicknessLearnt::of(array_fill(0, 40, 9.0))->factor);
        self::assertSame(0.5, ThicknessLearnt::of(array_fill(0, 40, 0.1))->factor);
        self::assertSame(3, ThicknessLearnt::of([1.0, 1.0, 1.0])->loads);
    }

    public function testTheCommandAddsItsResult(): void
    {
        [$code, $out] = self::answer([]);
        $answer = json_decode($out);

        self::assertSame(0, $code);
        self::assertInstanceOf(\stdClass::class, $answer);
        self::assertEquals(
            (object) ['thickness_mm' => 1.991, 'error_mm' => 0.156, 'factor' => 0.905, 'state' => 'as-planned'],
            $answer->result,
        );
        $schema = (string) file_get_contents(self::SCHEMA);
        self::assertTrue((new Validator())->validate($answer, $schema)->isValid());
        $few = json_decode(self::answer(['readings' => []])[1]);
        self::assertTrue((new Validator())->validate($few, $schema)->isValid());
        self::assertStringContainsString('"state": "too-few"', self::answer(['readings' => []])[1]);
    }

    /** @param array<string, mixed> $changes */
    #[DataProvider('faults')]
    public function testFaultsAreToldAtTheirPlace(array $changes, string $line): void
    {
        [$code, , $errors] = self::answer($changes);

        self::assertSame(2, $code);
        self::assertStringContainsString($line, $errors);
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function faults(): iterable
    {
        yield 'smaller than its roller' => [
            ['readings' => [['wound' => '25 in', 'circumference' => '7 in']]],
            '/readings/0: That is less than the bare roller',
        ];
        yield 'nothing wound' => [
            ['readings' => [['wound' => '0 in', 'diameter' => '4 in']]],
            '/readings/0: Nothing is wound on yet',
        ];
        yield 'no size' => [['readings' => [['wound' => '25 in']]], '/readings/0: '];
        yield 'no turns' => [
            ['readings' => [['from' => '10 in', 'to' => '20 in', 'turns' => 0]]],
            '/readings/0/turns: 0 cannot be here.',
        ];
        yield 'back to where it was' => [
            ['readings' => [['from' => '20 in', 'to' => '20 in', 'turns' => 1]]],
            '/readings/0/to: "20 in" cannot be here.',
        ];
        yield 'planned as nothing' => [['planned_mm' => 0], '/planned_mm: 0 cannot be here.'];
        yield 'another format' => [['format' => 'schwung/line'], '/format: '];
        yield 'no roller' => [['takeup_diameter' => '0 in'], '/takeup_diameter: '];
    }

    private static function rule(): RollRule
    {
        return RollRule::bare(Length::inches(2.5), Length::inches(30), Length::millimetres(0.6));
    }

    /**
     * @param array<string, mixed> $changes
     *
     * @return array{int, string, string}
     */
    private static function answer(array $changes): array
    {
        $document = [
            'format' => 'schwung/roll',
            'version' => 1,
            'units' => 'in',
            'takeup_diameter' => '2 1/2 in',
            'leader_length' => '30 in',
            'planned_mm' => 2.2,
            'readings' => [
                ['wound' => '25 in', 'circumference' => '10 in'],
                ['wound' => '50 in', 'circumference' => '11 1/4 in'],
                ['from' => '70 in', 'to' => '80 in', 'turns' => 0.85],
            ],
        ];

        return Commands::run('schwung:roll', json_encode([...$document, ...$changes], \JSON_THROW_ON_ERROR));
    }
}
