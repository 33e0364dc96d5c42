<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\Attributes\CoversNothing;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Schwung\Core\Advance\ProposalKind;
use Schwung\Core\Advance\SeamGrid;
use Schwung\Core\Attachment\ClipChoice;
use Schwung\Core\Attachment\PlacingOrder;
use Schwung\Core\Design\Exception\UnusableDesign;
use Schwung\Core\Design\SvgReader;
use Schwung\Core\Exchange\Exception\FaultyDocument;
use Schwung\Core\Exchange\JobReader;
use Schwung\Core\Exchange\JsonText;
use Schwung\Core\Frame\HoldingSystem;
use Schwung\Core\Frame\Stock;
use Schwung\Core\Frame\StockPiece;
use Schwung\Core\Job\Quilting;
use Schwung\Core\Job\QuiltingStyle;
use Schwung\Core\Leader\LeaderCheckRule;
use Schwung\Core\Leader\LeaderVerdict;
use Schwung\Core\Leader\Reading;
use Schwung\Core\Loading\StatePart;
use Schwung\Core\Material\BattingKind;
use Schwung\Core\Material\SeamKind;
use Schwung\Core\Material\TopSeam;
use Schwung\Core\Measure\Exception\UnreadableLength;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\LengthWriter;
use Schwung\Core\Measure\Near;
use Schwung\Core\Measure\Phrase;
use Schwung\Core\Measure\UnitSystem;
use Schwung\Core\Plan\Stage;
use Schwung\Core\Plan\Standing;
use Schwung\Core\Practice\Hand;
use Schwung\Core\Tension\Bed\BedSetup;
use Schwung\Core\Tension\Circumstances;
use Schwung\Core\Tension\ClothFacts;
use Schwung\Core\Tension\Firmness;
use Schwung\Core\Tension\FirmnessRule;
use Schwung\Core\Tension\Zone;
use Tests\Core\Advance\Rolls;

/** Limits that no plan comes near by itself: just within, and just beyond. */
#[CoversNothing]
final class LimitsTest extends TestCase
{
    public function testARunHasFortyClipsAtTheMost(): void
    {
        $inches = Length::inches(...);
        $choice = new ClipChoice();

        self::assertSame(39.0, $choice->longestRun([new StockPiece($inches(1), 39)], $inches(100))->toInches());
        self::assertSame(40.0, $choice->longestRun([new StockPiece($inches(1), 60)], $inches(100))->toInches());
        self::assertSame(
            [36.0, 4.0],
            array_map(
                static fn(Length $clip): float => $clip->toInches(),
                $choice->choose(
                    [new StockPiece($inches(36), 1), new StockPiece($inches(4), 10)],
                    $inches(40),
                    $inches(38),
                    $inches(60),
                ) ?? [],
            ),
            'exactly what is wanted, of the fewest',
        );
    }

    public function testARollThatIsNotWoundCountsNoClick(): void
    {
        $roll = Rolls::of(BattingKind::Cotton);

        self::assertSame(0, $roll->clicks(0.0));
        self::assertNull(Rolls::of(BattingKind::Cotton, teeth: null)->clicks(100.0));
        self::assertGreaterThan(0, $roll->clicks(100.0));
    }

    public function testSeamsAtTheVeryEdgesAreNone(): void
    {
        $grid = SeamGrid::of(Length::millimetres(1000), [
            new TopSeam(Length::millimetres(0), SeamKind::Block),
            new TopSeam(Length::millimetres(400), SeamKind::Block),
            new TopSeam(Length::millimetres(500), SeamKind::Border),
            new TopSeam(Length::millimetres(600), SeamKind::Block),
            new TopSeam(Length::millimetres(1000), SeamKind::Border),
        ]);

        self::assertSame([400.0, 500.0, 600.0], $grid->seams);
        self::assertSame([500.0, 1000.0], [$grid->firstBorder, $grid->lastBorder], 'half way is the first half');
        self::assertSame([100.0], $grid->part(400, 600)->seams, 'of a part neither end counts');
        self::assertSame(500.0, $grid->nearestMiddle());
        $without = SeamGrid::of(Length::millimetres(1000), [
            new TopSeam(Length::millimetres(400), SeamKind::Block),
            new TopSeam(Length::millimetres(600), SeamKind::Block),
        ]);
        self::assertSame(400.0, $without->nearestMiddle(), 'of two the earlier');
        self::assertSame(500.0, SeamGrid::of(Length::millimetres(1000), [])->nearestMiddle());
    }

    /**
     * @param list<int> $outward the turn of each place, from left to right
     * @param list<int> $halving the same
     */
    #[DataProvider('orders')]
    public function testEveryPlaceHasItsTurn(int $count, Hand $hand, array $outward, array $halving): void
    {
        self::assertSame($outward, (new PlacingOrder())->fromCentre($count, $hand));
        self::assertSame($halving, (new PlacingOrder())->byHalving($count));
    }

    /** @return iterable<array{int, Hand, list<int>, list<int>}> */
    public static function orders(): iterable
    {
        yield 'one' => [1, Hand::Right, [1], [1]];
        yield 'two' => [2, Hand::Right, [2, 1], [1, 2]];
        yield 'five, right' => [5, Hand::Right, [5, 3, 1, 2, 4], [2, 4, 1, 5, 3]];
        yield 'five, left' => [5, Hand::Left, [4, 2, 1, 3, 5], [2, 4, 1, 5, 3]];
    }

    #[DataProvider('ranges')]
    public function testALeaderIsGoodToTheEighthAndWatchedToTheQuarter(float $inches, LeaderVerdict $verdict): void
    {
        $readings = array_map(
            static fn(int $at): Reading => new Reading(
                Length::inches($at),
                Length::inches(2 + (0 === $at ? $inches : 0)),
            ),
            [-40, 0, 40],
        );

        self::assertSame($verdict, (new LeaderCheckRule())->check($readings, Length::inches(24))->verdict);
    }

    /** @return iterable<string, array{float, LeaderVerdict}> */
    public static function ranges(): iterable
    {
        yield 'an eighth' => [0.125, LeaderVerdict::Good];
        yield 'a hair over' => [0.126, LeaderVerdict::Watch];
        yield 'a quarter' => [0.25, LeaderVerdict::Watch];
        yield 'a hair over that' => [0.251, LeaderVerdict::ReHem];
    }

    public function testAJumpOfAnEighthIsNone(): void
    {
        $advice = static fn(float $inches): array => array_map(
            static fn(Phrase $phrase): string => $phrase->writtenBy(new LengthWriter(UnitSystem::Inches)),
            (new FirmnessRule())->advise(
                BedSetup::evenly(Firmness::FirmWithGive, Firmness::FirmWithGive),
                Length::inches($inches),
            ),
        );

        self::assertSame([], $advice(0.125));
        self::assertCount(1, $advice(0.126));
    }

    public function testLargeLongAndHeavyBeginAboveTheirFigures(): void
    {
        $quilt = static fn(float $across, float $along, ?BattingKind $batting): Circumstances => new Circumstances(
            new ClothFacts(battingKind: $batting, quiltSize: [Length::inches($across), Length::inches($along)]),
        );

        self::assertSame([false, true], [$quilt(90, 80, null)->isLong(), $quilt(60, 80.1, null)->isLong()]);
        self::assertSame([false, true], [$quilt(90, 90, null)->isOver(90), $quilt(90.1, 60, null)->isOver(90)]);
        self::assertSame(
            [false, true, false, true, null, null],
            [
                $quilt(80, 120, BattingKind::Wool)->isHeavy(),
                $quilt(80.1, 120, BattingKind::Wool)->isHeavy(),
                $quilt(90, 120, BattingKind::Cotton)->isHeavy(),
                $quilt(90, 120, BattingKind::Polyester)->isHeavy(),
                $quilt(90, 120, null)->isHeavy(),
                (new Circumstances(new ClothFacts(battingKind: BattingKind::Wool)))->isHeavy(),
            ],
        );
        self::assertSame([null, null], [(new Circumstances())->isLong(), (new Circumstances())->isOver(10)]);
    }

    public function testAZoneBeginsBeyondASixthOfTheWidth(): void
    {
        self::assertSame(
            [Zone::Left, Zone::Centre, Zone::Centre, Zone::Right],
            [Zone::at(-10.1, 60), Zone::at(-10, 60), Zone::at(10, 60), Zone::at(10.1, 60)],
        );
        self::assertSame([Zone::Centre, Zone::Right], [Zone::onRail(254), Zone::onRail(254.1)]);
    }

    public function testADocumentOfAMegabyteIsReadAndOneByteMoreIsNot(): void
    {
        $filled = static fn(int $bytes): string => '"' . str_repeat('x', $bytes - 2) . '"';

        self::assertIsString((new JsonText())->decode($filled(JsonText::LARGEST_BYTES)));
        $this->expectException(FaultyDocument::class);
        (new JsonText())->decode($filled(JsonText::LARGEST_BYTES + 1));
    }

    public function testAWrongTextIsQuotedUpToItsFortiethSign(): void
    {
        foreach ([40 => str_repeat('a', 40), 41 => str_repeat('a', 40) . '…'] as $signs => $quoted) {
            try {
                Length::parse(str_repeat('a', $signs), UnitSystem::Inches);
                self::fail('refused');
            } catch (UnreadableLength $unreadable) {
                self::assertStringStartsWith("\"$quoted\" is not a length", $unreadable->getMessage());
            }
        }
        try {
            (new JobReader())->read(Jobs::changed(['load/float' => str_repeat('b', 58)]));
            self::fail('refused');
        } catch (FaultyDocument $faulty) {
            self::assertStringContainsString('"' . str_repeat('b', 58) . '" cannot be here', $faulty->getMessage());
        }
    }

    /** @param non-empty-string $inside */
    #[DataProvider('drawings')]
    public function testADrawingMayHaveSoMuchAndNoMore(string $inside, bool $isRead, float $millimetres = 25.4): void
    {
        if (!$isRead) {
            $this->expectException(UnusableDesign::class);
        }
        $path = (new SvgReader())->read("<svg xmlns=\"http://www.w3.org/2000/svg\" $inside</svg>");

        self::assertEqualsWithDelta($millimetres, $path->height()->toMillimetres(), 1e-6);
    }

    /** @return iterable<string, array{string, bool, 2?: float}> */
    public static function drawings(): iterable
    {
        $line = '<line x1="30" y2="96"/>';
        $deep = static fn(int $groups): string => '>' .
            str_repeat('<g>', $groups) .
            $line .
            str_repeat('</g>', $groups);
        $turned = static fn(int $steps): string => '><g transform="' . str_repeat('scale(1)', $steps) . "\">$line</g>";

        yield 'picas, and ends left out' => ["width=\"16pc\" viewBox=\"0 0 96 96\">$line", true, (16 * 25.4) / 6];
        yield 'no width' => ["viewBox=\"0 0 0 96\" width=\"5in\">$line", true, 25.4];
        yield 'forty groups in one another' => [$deep(40), true];
        yield 'forty-one' => [$deep(41), false];
        yield 'fifty steps of a transform' => [$turned(50), true];
        yield 'fifty-one' => [$turned(51), false];
        yield 'five thousand elements' => ['>' . str_repeat($line, 4999), true];
        yield 'one more' => ['>' . str_repeat($line, 5000), false];
        yield 'as wide as a millimetre' => ['width="1mm" viewBox="0 0 1 1"><line x2="1" y2="1"/>', true, 1.0];
        yield 'as wide as less' => ['width="1mm" viewBox="0 0 1 1"><line x2=".99" y2="1"/>', false];
    }

    public function testSmallWordsStandWhereTheyBelong(): void
    {
        self::assertSame(
            [QuiltingStyle::Blocks, false, true],
            [Quilting::blocks()->style(), Quilting::blocks()->isDirectional, Quilting::blocks(true)->isDirectional],
        );
        self::assertFalse(ProposalKind::ThinnerBatting->canBeTried());
        self::assertTrue(ProposalKind::Turn->canBeTried());
        self::assertSame(Standing::Stuck, Standing::Fine->worse(Standing::Stuck));
        self::assertSame(Standing::Decide, Standing::Decide->worse(Standing::Open));
        self::assertTrue(Near::isSame(1.0, 1.0 + Near::MILLIMETRES / 2));
        self::assertFalse(Near::isSame(1.0, 1.0 + 2 * Near::MILLIMETRES));
        self::assertSame([], StatePart::Pins->words());
        self::assertSame(['0'], StatePart::Pins->usual());
        self::assertTrue(StatePart::Tension->isUnusual('loosened'));
        self::assertFalse(StatePart::Tension->isUnusual('usual'));
        self::assertTrue(StatePart::Firmness->isUnusual('loose'));
        self::assertFalse(StatePart::Firmness->isUnusual('firm'));
        self::assertTrue((new Stock())->isEmpty());
        self::assertFalse((new Stock(['zip' => []]))->isEmpty());
        self::assertNull((new Stock())->count(HoldingSystem::Pins));
        self::assertSame([], (new Stock())->withCounts(['pins' => 0, 'magnets' => null])->pieces);
        self::assertSame(7, (new Stock())->withCounts(['pins' => 7])->count(HoldingSystem::Pins));
        self::assertSame(
            1.75,
            (new Stock())
                ->withCounts(['pins' => 7])
                ->of(HoldingSystem::Pins)[0]
                ->length->toInches(),
        );
    }

    #[DataProvider('pointers')]
    public function testEveryEntryBelongsToAStage(string $pointer, Stage $stage): void
    {
        self::assertSame($stage, Stage::ofPointer($pointer));
    }

    /** @return iterable<array{string, Stage}> */
    public static function pointers(): iterable
    {
        yield ['/top/edge', Stage::Measure];
        yield ['/load/lead/method', Stage::Attach];
        yield ['/load/float', Stage::Attach];
        yield ['/desk/position', Stage::Attach];
        yield ['/load/direction', Stage::Direction];
        yield ['/quilting/gap', Stage::Passes];
        yield ['/desk/turn_round', Stage::Passes];
        yield ['/backing/diagonal', Stage::Backing];
        yield ['/batting/loft', Stage::Backing];
        yield ['/load/margins', Stage::Backing];
        yield ['/desk/pieces', Stage::Backing];
        yield ['/desk/sides', Stage::Load];
    }
}
