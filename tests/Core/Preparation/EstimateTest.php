<?php

declare(strict_types=1);

namespace Tests\Core\Preparation;

use Eris\Generator\TupleGenerator;
use Eris\Generators;
use Eris\TestTrait;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\CoversMethod;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Schwung\Core\Exchange\JobReader;
use Schwung\Core\Exchange\TapeReader;
use Schwung\Core\Job\Faults;
use Schwung\Core\Job\Tape;
use Schwung\Core\Job\Taping;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\LengthWriter;
use Schwung\Core\Measure\Range;
use Schwung\Core\Measure\UnitSystem;
use Schwung\Core\Preparation\Estimate;
use Schwung\Core\Preparation\EstimateRule;
use Schwung\Core\Preparation\EstimateSentence;
use Schwung\Core\Preparation\Known;
use Schwung\Core\Preparation\Preparation;
use Schwung\Core\Preparation\SentenceRule;
use Schwung\Core\Sizing\BackingState;
use Tests\Core\Jobs;

/** What can be said before all is measured. */
#[CoversClass(Estimate::class)]
#[CoversClass(EstimateRule::class)]
#[CoversClass(EstimateSentence::class)]
#[CoversClass(Range::class)]
#[CoversClass(Tape::class)]
#[CoversClass(Taping::class)]
#[CoversClass(TapeReader::class)]
#[CoversMethod(SentenceRule::class, 'sentence')]
final class EstimateTest extends TestCase
{
    use TestTrait;

    /** Each taken measure in inches by the words of Taping; the rest is open. */
    private const TOP = ['top/widths/top' => 60, 'top/lengths/right' => 80];
    private const WHOLE_TOP = [
        ...self::TOP,
        'top/widths/middle' => 60,
        'top/widths/bottom' => 60,
        'top/lengths/left' => 80,
        'top/lengths/middle' => 80,
    ];

    public function testBeforeThereIsOneMeasureEachWayThereIsNoRange(): void
    {
        $preparation = self::taped(['top/widths/top' => 60]);

        self::assertNull($preparation->estimate());
        self::assertSame(
            'Measure the top first: one width and one length are enough to begin.',
            self::text($preparation),
        );
    }

    public function testTwoNumbersOfTheTopTellWhatBackingItNeeds(): void
    {
        $preparation = self::taped(self::TOP);

        // 60 to 61.2 and 4 in at each side; 80 to 81.6 and 4 in at each end.
        self::assertSame(
            'It needs a backing of 68 in to 69 ¼ in across and 88 in to 89 ⅝ in along: measure the width at the bottom to know.',
            self::text($preparation),
        );
        self::assertSame(
            'Not measured yet: the width at the bottom, the length at the left, the width in the middle and the length ' .
                'in the middle. Each may be up to 2 % longer or shorter than what lies opposite.',
            $preparation->estimate()?->reason()->writtenBy(new LengthWriter(UnitSystem::Inches)),
        );
    }

    public function testAWholeTopNeedsOneSize(): void
    {
        self::assertSame(
            'It needs a backing of 68 in across and 88 in along: measure its sides next.',
            self::text(self::taped(self::WHOLE_TOP)),
        );
    }

    /** 2 % of 88 is 1.76: what is far enough from the need is certain, what is near it may be either. */
    #[
        TestWith([
            80,
            100,
            'It will load, with 10 ⅜ in to 12 ⅜ in to spare across and 10 in to 12 ½ in along: measure the right side of the backing to know.',
        ]),
    ]
    #[
        TestWith([
            80,
            88.5,
            'It may load or not: between 1 ⅜ in short and 1 in to spare along: measure the right side of the backing to know.',
        ]),
    ]
    #[
        TestWith([
            80,
            88,
            'It may load or not: between 1 ⅞ in short and ½ in to spare along: measure the right side of the backing to know.',
        ]),
    ]
    #[
        TestWith([
            64,
            95,
            'Not yet: between 3 ⅞ in and 5 ⅜ in short across: measure the bottom side of the backing to know.',
        ]),
    ]
    public function testTwoNumbersOfEachTellWhetherItLoads(float $across, float $along, string $sentence): void
    {
        $preparation = self::taped([
            ...self::WHOLE_TOP,
            'backing/sides/top' => $across,
            'backing/sides/left' => $along,
        ]);

        self::assertSame($sentence, self::text($preparation));
    }

    public function testFourSidesWithoutADiagonalLeaveTheLeanOpen(): void
    {
        $sides = ['top' => 80, 'bottom' => 80, 'left' => 88, 'right' => 88];
        $sides = array_combine(array_map(static fn(string $side) => "backing/sides/$side", array_keys($sides)), $sides);
        $estimate = self::taped([...self::WHOLE_TOP, ...$sides])->estimate();

        // 12 in to spare across take the whole lean of 1.76 in, so that nothing is lost along.
        self::assertNotNull($estimate);
        self::assertSame([Taping::BackingDiagonal], $estimate->open);
        self::assertSame(
            'It will load, with 10 ⅛ in to 12 in to spare across and nothing along: measure the diagonal of the backing ' .
                'to know.',
            $estimate->sentence()->writtenBy(new LengthWriter(UnitSystem::Inches)),
        );
    }

    public function testWhatIsOpenIsGuessedAsTheOthersLetExpect(): void
    {
        $tape = new Tape([
            'top/widths/top' => Length::inches(60),
            'top/widths/bottom' => Length::inches(62),
            'top/lengths/middle' => Length::inches(80),
        ]);

        self::assertEquals(Length::inches(61), $tape->guess(Taping::TopWidthMiddle));
        self::assertEquals(Length::inches(80), $tape->guess(Taping::TopLengthLeft));
        self::assertNull($tape->guess(Taping::BackingTop));
        self::assertNull($tape->guess(Taping::TopDiagonalLeft));
        self::assertNotNull($tape->whole(Taping::TOP));
        self::assertNull($tape->whole(Taping::BACKING));
    }

    public function testWhatCannotBeReadIsOpen(): void
    {
        $document = Jobs::changed(['top/widths/top' => 'sixty', 'top/lengths/left' => '-3 in']);
        $tape = (new TapeReader())->read($document);

        self::assertNull($tape->at(Taping::TopWidthTop));
        self::assertNull($tape->at(Taping::TopLengthLeft));
        self::assertNotNull($tape->at(Taping::TopWidthBottom));
    }

    /** The sentence of today once everything is measured, and no range any more. */
    #[Group('slow')]
    public function testTheRangeClosesToThePlan(): void
    {
        $this->limitTo(60)
            ->forAll($this->cloth())
            ->then(static function (array $cloth): void {
                $preparation = self::taped(self::measures($cloth));
                $check = $preparation->plan()?->chosenPlan()->backing;
                $estimate = $preparation->estimate();
                self::assertNotNull($check);
                self::assertNotNull($estimate);

                [$across, $along] =
                    BackingState::Fits === $check->state()
                        ? [$check->slackAcross->length(), $check->slackAlong->length()]
                        : [
                            $check->squaredUp->across->minus($check->required->across->length()),
                            $check->squaredUp->along->minus($check->required->along->length()),
                        ];

                self::assertTrue($estimate->isClosed());
                self::assertNull($estimate->next());
                self::assertLessThan(0.5, abs($across->minus($estimate->spareAcross->low ?? $along)->toMillimetres()));
                self::assertLessThan(0.5, abs($along->minus($estimate->spareAlong->low ?? $across)->toMillimetres()));
                self::assertEquals($check->required->across->length(), $estimate->across->high);
            });
    }

    /** Whatever is left out, the whole plan never says otherwise than was said for certain before. */
    #[Group('slow')]
    public function testTheTruthLiesWithinTheRange(): void
    {
        $this->limitTo(200)
            ->forAll($this->cloth(), Generators::choose(0, (1 << 12) - 1))
            ->then(static function (array $cloth, int $left): void {
                $all = self::measures($cloth);
                $taken = self::without($all, $left);
                $whole = self::taped($all, 'as-is')->plan()?->chosenPlan()->backing;
                $estimate = self::taped($taken, 'as-is')->estimate();
                self::assertNotNull($whole);
                self::assertNotNull($estimate?->spareAcross);
                self::assertNotNull($estimate->spareAlong);
                $fits = BackingState::Fits === $whole->state();
                $spare = [$estimate->spareAcross, $estimate->spareAlong];

                self::assertTrue($estimate->across->contains($whole->required->across->length()));
                self::assertTrue($estimate->along->contains($whole->required->along->length()));
                $mayBeShort = array_filter($spare, static fn(Range $range): bool => $range->low->isNegative());
                $mustBeShort = array_filter($spare, static fn(Range $range): bool => $range->high->isNegative());
                self::assertTrue($fits || [] !== $mayBeShort, 'what was said to load does');
                self::assertTrue(!$fits || [] === $mustBeShort, 'what was said to be short is');
                if ($fits && [] === $mayBeShort) {
                    self::assertHolds($estimate->spareAcross, $whole->slackAcross->length());
                    self::assertHolds($estimate->spareAlong, $whole->slackAlong->length());
                }
            });
    }

    private static function assertHolds(Range $range, Length $truth): void
    {
        // A lean is taken as straight: it costs less than an eighth of an inch more on the longest of sides.
        $unseen = Length::inches(0.125);
        self::assertTrue((new Range($range->low->minus($unseen), $range->high->plus($unseen)))->contains($truth));
    }

    /** @param array<string, float> $taken inches by the words of Taping */
    private static function taped(array $taken, string $direction = 'auto'): Preparation
    {
        $document = Jobs::changed([
            'top/widths' => null,
            'top/lengths' => null,
            'top/diagonals' => null,
            'backing/sides' => null,
            'backing/diagonal' => null,
            'load/direction' => $direction,
            ...array_map(static fn(float $inches): string => "$inches in", $taken),
        ]);
        $faults = new Faults();

        return new Preparation(new Known(parts: (new JobReader())->parts($document, $faults), faults: $faults->all()));
    }

    private static function text(Preparation $preparation): string
    {
        return $preparation->sentence()->writtenBy(new LengthWriter(UnitSystem::Inches));
    }

    /** A top and a backing by widths, lengths and what each measure is off, in hundredths; and a lean. */
    // @phpstan-ignore missingType.generics (what it makes is read by measures())
    private function cloth(): TupleGenerator
    {
        return Generators::tuple(
            Generators::choose(20, 110),
            Generators::choose(20, 110),
            Generators::choose(-4, 14),
            Generators::choose(-4, 14),
            Generators::vector(8, Generators::choose(-90, 90)),
            Generators::choose(-60, 60),
        );
    }

    /**
     * @param array<mixed> $cloth as cloth() makes it
     *
     * @return array<string, float> every measure of the top, the four sides and the diagonal of the backing
     */
    private static function measures(array $cloth): array
    {
        /** @var array{int, int, int, int, list<int>, int} $cloth */
        [$width, $length, $moreAcross, $moreAlong, $off, $lean] = $cloth;
        $at = static fn(int $size, int $i): float => round($size * (1 + $off[$i] / 10_000), 4);
        [$across, $along] = [$width + 8 + $moreAcross, $length + 8 + $moreAlong];
        // Corners that lie off the square by a share of the sides; the sides follow from them.
        $corners = [
            [0.0, 0.0],
            [$at($across, 6), 0.0],
            [$at($across, 7) + ($lean / 10_000) * $along, $along * (1 + $off[0] / 20_000)],
            [($lean / 10_000) * $along, (float) $along],
        ];
        $side = static fn(int $i, int $j): float => round(
            hypot($corners[$i][0] - $corners[$j][0], $corners[$i][1] - $corners[$j][1]),
            4,
        );

        return [
            'top/widths/top' => $at($width, 0),
            'top/widths/middle' => $at($width, 1),
            'top/widths/bottom' => $at($width, 2),
            'top/lengths/left' => $at($length, 3),
            'top/lengths/middle' => $at($length, 4),
            'top/lengths/right' => $at($length, 5),
            'backing/sides/top' => $side(0, 1),
            'backing/sides/right' => $side(1, 2),
            'backing/sides/bottom' => $side(2, 3),
            'backing/sides/left' => $side(3, 0),
            'backing/diagonal' => $side(0, 2),
        ];
    }

    /**
     * @param array<string, float> $all
     * @param int                  $left one bit a measure
     *
     * @return array<string, float> at least one each way
     */
    private static function without(array $all, int $left): array
    {
        $kept = ['top/widths/middle', 'top/lengths/left', 'backing/sides/top', 'backing/sides/right'];
        $i = 0;

        return array_filter(
            $all,
            static function (string $path) use (&$i, $left, $kept): bool {
                return 0 === ($left & (1 << $i++)) || \in_array($path, $kept, true);
            },
            \ARRAY_FILTER_USE_KEY,
        );
    }
}
