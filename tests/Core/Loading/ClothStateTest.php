<?php

declare(strict_types=1);

namespace Tests\Core\Loading;

use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Schwung\Core\Loading\ClothState;
use Schwung\Core\Loading\ClothWords;
use Schwung\Core\Loading\Layer;
use Schwung\Core\Loading\LineIn;
use Schwung\Core\Loading\LineKind;
use Schwung\Core\Loading\Pieces;
use Schwung\Core\Loading\Places;
use Schwung\Core\Loading\Where;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\LengthWriter;
use Schwung\Core\Measure\UnitSystem;
use Schwung\Core\Practice\FarEdge;
use Schwung\Core\Practice\LoadingHabits;
use Schwung\Core\Practice\LoadingPlace;

/** A bed of 24 in and a backing of 96 in, in inches. */
#[CoversClass(ClothState::class)]
#[CoversClass(ClothWords::class)]
#[CoversClass(Places::class)]
final class ClothStateTest extends TestCase
{
    public function testFromTheRearTheClothWaitsOnTheTakeUpAndComesBack(): void
    {
        $parked = self::bare()->attachLead(self::in(0), self::pins())->parkOnTakeUp(self::in(36));

        self::assertSame([60.0, -60.0], [$parked->onTakeUp->toInches(), $parked->hold?->toInches()]);
        $stood = $parked->attachTail(self::pins())->standAt(self::in(1));
        self::assertSame([0.0, 1.0, 73.0], self::figures($stood));
    }

    public function testFromTheFrontItGoesOntoItsOwnRollerAtOnce(): void
    {
        $wound = self::bare()->attachTail(self::pins())->windOntoBacking(self::in(12));

        self::assertSame([84.0, 0.0], [$wound->onBacking->toInches(), $wound->onTakeUp->toInches()]);
        self::assertSame(
            [0.0, 1.0, 73.0],
            self::figures($wound->attachLead(self::in(12), self::pins())->standAt(self::in(1))),
        );
    }

    public function testAHoldBehindTheBarIsWoundOn(): void
    {
        self::assertSame([2.0, -2.0, 70.0], self::figures(self::held()->standAt(self::in(-2))));
    }

    public function testAnAdvanceTakesFromOneRollerAndGivesToTheOther(): void
    {
        $once = self::held()->advance(self::in(9));
        self::assertSame([8.0, -8.0, 64.0], self::figures($once));
        self::assertSame(Where::Roller, $once->pieces['lead']->where);
        self::assertSame(Where::Rail, $once->pieces['tail']->where);
        self::assertSame([17.0, -17.0, 55.0], self::figures($once->advance(self::in(18))));
        self::assertSame(18.0, $once->advance(self::in(18))->from?->toInches());
        self::assertSame(0.0, $once->advance(self::in(90))->onBacking->toInches());
        self::assertSame(Where::Rail, self::held()->advance(self::in(0.5))->pieces['lead']->where);
    }

    public function testOffTheFrameNothingHoldsItAndItsLayersStayTogether(): void
    {
        $off = self::basted()->advance(self::in(40))->unroll()->detach();

        self::assertSame([[], [], null, false], [$off->pieces, $off->marks, $off->hold, $off->isTailAttached]);
        self::assertSame([Layer::Basted, Layer::Basted], [$off->batting, $off->top]);
        self::assertSame(['far-edge'], array_keys($off->lines));
        self::assertNull($off->from);
    }

    public function testNoBattingComesUnderATopOnItsRollerThatIsNotLifted(): void
    {
        $rolled = self::held()->rollTop(self::pins());

        $laid = $rolled->liftTop()->layBatting(self::in(1))->lowerTop();
        self::assertSame([Layer::Laid, Layer::Rolled, false], [$laid->batting, $laid->top, $laid->isTopLifted]);
        $this->expectExceptionMessage('The top roller is in its way.');
        $rolled->layBatting(self::in(1));
    }

    public function testAllLayersAreHeldTogetherOnlyWhereTheyReachToTheHold(): void
    {
        $laid = self::held()->layBatting(self::in(0))->layTop(self::in(0));

        self::assertSame([Layer::Basted, Layer::Basted], [$laid->holdThrough()->batting, $laid->holdThrough()->top]);
        self::assertSame($laid->pieces, $laid->holdThrough()->pieces);
        $this->expectExceptionMessage('Batting and top do not reach to the hold.');
        self::held()->layBatting(self::in(0))->layTop(self::in(3))->holdThrough();
    }

    public function testLinesAreFoundAndPickedByHowTheirKeysBegin(): void
    {
        $all = self::held()
            ->layBatting(self::in(1))
            ->basteAll(['all-over-1' => self::line(LineKind::AllOver), 'all-over-2' => self::line(LineKind::AllOver)]);

        self::assertTrue($all->hasLine('all-over'));
        self::assertSame([], $all->pick('all-over')->lines);
        self::assertSame(['all-over-2'], array_keys($all->pick('all-over-1')->lines));
        self::assertFalse($all->hasLine('reference'));
        self::assertSame(Layer::Basted, $all->batting);
        self::assertSame(Layer::None, $all->top);
    }

    /** @param \Closure(): ClothState $change */
    #[DataProvider('impossible')]
    public function testWhatHandsCannotDoIsRefused(\Closure $change, string $message): void
    {
        $this->expectException(\LogicException::class);
        $this->expectExceptionMessage($message);
        $change();
    }

    /** @return iterable<string, array{\Closure(): ClothState, string}> */
    public static function impossible(): iterable
    {
        $held = self::held();
        $pins = new Pieces('pins', 7, Where::Bed);
        yield 'the lead twice' => [
            static fn(): ClothState => $held->attachLead(self::in(0), self::pins()),
            'The lead end is attached already.',
        ];
        yield 'the tail twice' => [
            static fn(): ClothState => $held->attachTail(self::pins()),
            'The tail end is attached already.',
        ];
        yield 'wound while nothing holds the tail' => [
            static fn(): ClothState => self::bare()->windOntoBacking(self::in(12)),
            'Nothing holds the tail end to its roller.',
        ];
        yield 'parked while nothing holds the lead' => [
            static fn(): ClothState => self::bare()->parkOnTakeUp(self::in(12)),
            'Nothing holds the lead end to the take-up.',
        ];
        yield 'stretched between one end and nothing' => [
            static fn(): ClothState => self::bare()->attachTail(self::pins())->standAt(self::in(1)),
            'Not both ends are attached.',
        ];
        yield 'batting over the hold' => [
            static fn(): ClothState => $held->layBatting(self::in(-1)),
            'Batting would lie over the hold.',
        ];
        yield 'a top without batting' => [
            static fn(): ClothState => $held->layTop(self::in(3)),
            'There is no batting below the top.',
        ];
        yield 'locked twice' => [
            static fn(): ClothState => $held->lockAt(self::in(3))->lockAt(self::in(4)),
            'The head is locked already.',
        ];
        yield 'a line beside the lock' => [
            static fn(): ClothState => $held
                ->lockAt(self::in(3))
                ->baste('reference', new LineIn(LineKind::Reference, self::in(3.5), false)),
            'The lock stands 12.7 mm from the line.',
        ];
        yield 'picked where none is' => [
            static fn(): ClothState => $held->pick('reference'),
            'No line "reference" is in.',
        ];
        yield 'held twice' => [
            static fn(): ClothState => $held->put('side', self::pins())->put('side', self::pins()),
            '"side" is held already.',
        ];
        yield 'taken where nothing is' => [static fn(): ClothState => $held->take('side'), 'Nothing holds "side".'];
        yield 'taken out of the roll' => [
            static fn(): ClothState => $held->advance(self::in(9))->take('lead'),
            'What holds "lead" is rolled in.',
        ];
        yield 'wound with the lock on' => [
            static fn(): ClothState => $held->lockAt(self::in(3))->advance(self::in(9)),
            'The head is locked.',
        ];
        yield 'wound with pins in the bed' => [
            static fn(): ClothState => $held->put('batting', $pins)->advance(self::in(9)),
            'The pins of "batting" would go into the roll.',
        ];
        yield 'wound with the bar on the hanging end' => [
            static fn(): ClothState => $held->put('hanging-end', new Pieces('bar', 1))->advance(self::in(9)),
            'The hold of the hanging end would turn with the bar.',
        ];
        yield 'taken off while it is rolled up' => [
            static fn(): ClothState => $held->advance(self::in(9))->detach(),
            'What holds "lead" is rolled in.',
        ];
    }

    public function testItIsSaidInFiguresAndWhatHasToComeOutByName(): void
    {
        $says = static fn(ClothState $cloth, bool $hasRollers = true): ?string => (new ClothWords($hasRollers))
            ->of($cloth)
            ?->writtenBy(new LengthWriter(UnitSystem::Inches));
        $locked = self::held()
            ->layBatting(self::in(1))
            ->put('batting', new Pieces('pins', 7, Where::Bed))
            ->lockAt(self::in(3))
            ->baste('reference', new LineIn(LineKind::Reference, self::in(3), false));

        self::assertNull($says(self::bare()));
        self::assertSame(
            'Lead hold 1 in in front of the leveller bar. Wound: 73 in on the backing roller, 0 in on the take-up.',
            $says(self::held()),
        );
        self::assertSame(
            'Lead hold 8 in behind the leveller bar. Wound: 64 in on the backing roller, 8 in on the take-up.',
            $says(self::held()->advance(self::in(9))),
        );
        self::assertSame(
            'Head locked 3 in from the lead hold. Still to come out: the reference line, 7 pins.',
            $says($locked, false),
        );
        self::assertNull($says(self::basted(), false), 'the far edge stays');
    }

    public function testALineAtTheDepthOfTheLockIsStitched(): void
    {
        $basted = self::held()
            ->lockAt(self::in(3))
            ->baste('reference', new LineIn(LineKind::Reference, self::in(3), false))
            ->unlock();

        self::assertNull($basted->lock);
        self::assertSame(3.0, $basted->lines['reference']->at?->toInches());
    }

    /** 4 in of lead margin held by pins, which use up half an inch; the batting 2 in over the top, and half of the
     * 1 3/4 in that are left over. */
    public function testEveryLayerHasItsPlaceFromTheHold(): void
    {
        $places = new Places(Loads::setup());
        $inches = static fn(Length $place): float => round($place->toInches(), 4);

        self::assertSame(1.0, $inches($places->hold()));
        self::assertSame(3.5, $inches($places->top()));
        self::assertSame(3.0, $inches($places->reference()));
        self::assertSame(3.625, $inches($places->farEdge()));
        self::assertSame(9.5, $inches($places->alignment()));
        self::assertSame(0.625, $inches($places->batting()));
        self::assertSame(12.0, $inches($places->tailStop()));
        self::assertSame(36.0, $inches($places->notYetWound()));
        self::assertSame(12.0, $inches($places->leadStop()));
        $onLine = new Places(Loads::setup([], new LoadingHabits(farEdge: FarEdge::OnLine)));
        self::assertSame($inches($onLine->top()), $inches($onLine->reference()));
        self::assertSame(-1.0, $inches((new Places(Loads::setup(['load/lead' => ['method' => 'magnets']])))->hold()));
    }

    public function testTheWayUpFromTheRollerIsNotOnIt(): void
    {
        $far = ClothState::bare(self::in(24), self::in(96), self::in(14));
        $held = $far->attachLead(self::in(0), self::pins())->attachTail(self::pins());

        self::assertSame([0.0, 1.0, 96.0 - 23.0 - 14.0], self::figures($held->standAt(self::in(1))));
        self::assertSame(96.0 - 12.0 - 14.0, $held->windOntoBacking(self::in(12))->onBacking->toInches());
        self::assertSame(14.0, self::goesOn([]) - self::goesOn(['frame/roller_to_bar' => '14 in']));
    }

    /** @param array<string, mixed> $members */
    private static function goesOn(array $members): float
    {
        $steps = Loads::steps($members, new LoadingHabits(place: LoadingPlace::Front));
        $place = $steps->placeOf('wind-on');
        self::assertNotNull($place);

        return $steps->cloths()[$place]->onBacking->toInches();
    }

    private static function bare(): ClothState
    {
        return ClothState::bare(self::in(24), self::in(96));
    }

    private static function held(): ClothState
    {
        return self::bare()->attachLead(self::in(0), self::pins())->attachTail(self::pins())->standAt(self::in(1));
    }

    private static function basted(): ClothState
    {
        return self::held()
            ->layBatting(self::in(1))
            ->layTop(self::in(3))
            ->baste('reference', self::line(LineKind::Reference))
            ->baste('far-edge', new LineIn(LineKind::FarEdge, self::in(3), true))
            ->pick('reference')
            ->mark([self::in(-20), self::in(20)]);
    }

    private static function line(LineKind $kind): LineIn
    {
        return new LineIn($kind, null, false);
    }

    private static function pins(): Pieces
    {
        return new Pieces('pins', 21);
    }

    /** @return array{float, float|null, float} on the take-up, the hold, on the backing roller */
    private static function figures(ClothState $cloth): array
    {
        return [$cloth->onTakeUp->toInches(), $cloth->hold?->toInches(), $cloth->onBacking->toInches()];
    }

    private static function in(float $inches): Length
    {
        return Length::inches($inches);
    }
}
