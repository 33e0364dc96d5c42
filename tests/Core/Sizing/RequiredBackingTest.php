<?php

declare(strict_types=1);

namespace Tests\Core\Sizing;

use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Schwung\Core\Frame\HoldingSystem;
use Schwung\Core\Job\CustomMargins;
use Schwung\Core\Job\Job;
use Schwung\Core\Job\Load;
use Schwung\Core\Material\Backing;
use Schwung\Core\Material\Direction;
use Schwung\Core\Material\EdgeKind;
use Schwung\Core\Material\Top;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\LengthWriter;
use Schwung\Core\Measure\UnitSystem;
use Schwung\Core\Practice\FloatKind;
use Schwung\Core\Practice\MarginSchool;
use Schwung\Core\Practice\Practice;
use Schwung\Core\Sizing\BackingRule;
use Schwung\Core\Sizing\BackingState;
use Schwung\Core\Sizing\MarginRule;
use Schwung\Core\Sizing\Remedy;
use Schwung\Core\Sizing\RemedyFinder;
use Schwung\Core\Sizing\RemedyKind;
use Schwung\Core\Sizing\RequiredSize;
use Schwung\Core\Sizing\UsableBacking;
use Tests\Core\Frames;
use Tests\Core\Jobs;

#[CoversClass(MarginRule::class)]
#[CoversClass(BackingRule::class)]
#[CoversClass(RemedyFinder::class)]
#[CoversClass(RequiredSize::class)]
final class RequiredBackingTest extends TestCase
{
    #[DataProvider('schools')]
    public function testEachSchoolAsksItsMargins(
        MarginSchool $school,
        FloatKind $float,
        float $across,
        string $acrossText,
        float $along,
        string $alongText,
    ): void {
        $required = $this->rule()->required(Jobs::top(68, 87.25), $this->load($school, $float), Direction::AsIs);
        $writer = new LengthWriter(UnitSystem::Inches);

        self::assertEqualsWithDelta($across, $required->across->length()->toMillimetres(), 0.0006);
        self::assertSame($acrossText, $required->across->figure->writtenBy($writer));
        self::assertEqualsWithDelta($along, $required->along->length()->toMillimetres(), 0.0006);
        self::assertSame($alongText, $required->along->figure->writtenBy($writer));
    }

    /** @return iterable<string, array{MarginSchool, FloatKind, float, string, float, string}> */
    public static function schools(): iterable
    {
        yield 'three' => [MarginSchool::Three, FloatKind::Full, 1879.6, '74 in', 2368.55, '93 ¼ in'];
        yield 'four' => [MarginSchool::Four, FloatKind::None, 1930.4, '76 in', 2419.35, '95 ¼ in'];
        yield 'five' => [MarginSchool::Five, FloatKind::Part, 1981.2, '78 in', 2470.15, '97 ¼ in'];
        yield 'short frame' => [MarginSchool::ShortFrame, FloatKind::Full, 2032.0, '80 in', 2520.95, '99 ¼ in'];
        yield 'custom' => [MarginSchool::Custom, FloatKind::Full, 1943.1, '76 ½ in', 2419.35, '95 ¼ in'];
        yield 'worked out, part float' => [
            MarginSchool::WorkedOut,
            FloatKind::Part,
            1901.762,
            '74 ⅞ in',
            2330.45,
            '91 ¾ in',
        ];
        yield 'worked out, full float' => [
            MarginSchool::WorkedOut,
            FloatKind::Full,
            1923.923,
            '75 ¾ in',
            2330.45,
            '91 ¾ in',
        ];
    }

    /** @param array{float, float} $ends */
    #[DataProvider('holds')]
    public function testASchoolCannotOverruleTheHand(
        HoldingSystem $lead,
        HoldingSystem $tail,
        MarginSchool $school,
        array $ends,
    ): void {
        $margins = (new MarginRule(new Practice()))->margins(
            $this->load($school, lead: $lead, tail: $tail),
            Length::inches(87.25),
            EdgeKind::Straight,
        );

        self::assertSame($ends, [$margins->lead->length()->toInches(), $margins->tail->length()->toInches()]);
    }

    /** @return iterable<string, array{HoldingSystem, HoldingSystem, MarginSchool, array{float, float}}> */
    public static function holds(): iterable
    {
        yield 'pins and clips, worked out' => [
            HoldingSystem::Pins,
            HoldingSystem::ChannelClips,
            MarginSchool::WorkedOut,
            [1.5, 3.0],
        ];
        yield 'pins and clips, three' => [
            HoldingSystem::Pins,
            HoldingSystem::ChannelClips,
            MarginSchool::Three,
            [3.0, 3.0],
        ];
        yield 'hook and loop, dowel clamps' => [
            HoldingSystem::HookAndLoop,
            HoldingSystem::DowelClamps,
            MarginSchool::Three,
            [3.0, 3.5],
        ];
        yield 'magnets, three' => [HoldingSystem::Magnets, HoldingSystem::Magnets, MarginSchool::Three, [5.0, 3.0]];
        yield 'magnets, four' => [HoldingSystem::Magnets, HoldingSystem::Magnets, MarginSchool::Four, [5.0, 4.0]];
        yield 'spring clamps, five' => [
            HoldingSystem::SpringClamps,
            HoldingSystem::SpringClamps,
            MarginSchool::Five,
            [6.0, 6.0],
        ];
    }

    public function testTurnedTheDriftFollowsTheLoadedLength(): void
    {
        $required = $this->rule()->required(
            Jobs::top(68, 87.25),
            $this->load(MarginSchool::WorkedOut),
            Direction::Turned,
        );

        self::assertEqualsWithDelta(2403.094, $required->across->length()->toMillimetres(), 0.0006);
        self::assertEqualsWithDelta(1841.5, $required->along->length()->toMillimetres(), 0.0006);
    }

    public function testAScallopedTopDriftsAsIfItFloated(): void
    {
        $rule = new MarginRule(new Practice());
        $load = $this->load(MarginSchool::WorkedOut, FloatKind::None);
        $straight = $rule->margins($load, Length::inches(80), EdgeKind::Straight);
        $scalloped = $rule->margins($load, Length::inches(80), EdgeKind::Scalloped);

        self::assertSame(3.4, $straight->left->length()->toInches());
        self::assertSame(3.8, $scalloped->left->length()->toInches());
    }

    #[DataProvider('states')]
    public function testTheStateSaysHowFarTheBackingGoes(
        float $across,
        float $along,
        float $slackAcross,
        float $slackAlong,
        BackingState $state,
    ): void {
        $check = $this->rule()->check(
            Jobs::top(68, 87.25),
            UsableBacking::of(Jobs::backing($across, $along)),
            $this->load(),
            Direction::AsIs,
        );

        self::assertEqualsWithDelta($slackAcross, $check->slackAcross->length()->toInches(), 1e-6);
        self::assertEqualsWithDelta($slackAlong, $check->slackAlong->length()->toInches(), 1e-6);
        self::assertSame($state, $check->state());
    }

    /** @return iterable<string, array{float, float, float, float, BackingState}> */
    public static function states(): iterable
    {
        yield 'short of the worked-out margin' => [75.5, 94, -0.5, -1.25, BackingState::Short];
        yield 'short of the school only' => [76, 94, 0, -1.25, BackingState::Tight];
        yield 'just enough' => [76, 95.25, 0, 0, BackingState::Fits];
        yield 'a hair too little' => [75.999, 95.25, -0.001, 0, BackingState::Tight];
    }

    public function testHalfAMillimetreIsForgivenWhereTheDiagonalIsKnown(): void
    {
        $diagonal = hypot(75.985, 95.25);
        $known = $this->rule()->check(
            Jobs::top(68, 87.25),
            UsableBacking::of(Jobs::backing(75.985, 95.25, $diagonal)),
            $this->load(),
            Direction::AsIs,
        );
        $unknown = $this->rule()->check(
            Jobs::top(68, 87.25),
            UsableBacking::of(Jobs::backing(75.985, 95.25)),
            $this->load(),
            Direction::AsIs,
        );

        self::assertSame([BackingState::Fits, BackingState::Tight], [$known->state(), $unknown->state()]);
    }

    public function testATightBackingOffersTheWorkedOutMarginBeforeStripsAndTheClientLast(): void
    {
        self::assertSame([RemedyKind::WorkedOut, RemedyKind::Extend, RemedyKind::AskClient], $this->remedies(76, 94));
    }

    public function testAShortBackingOffersTurningBeforeBuying(): void
    {
        // Spring clamps want 6 in at the ends and 4 in at the sides: the spare lies the wrong way round.
        $backing = Jobs::backing(64, 71, bolt: 42);
        $load = $this->load(lead: HoldingSystem::SpringClamps, tail: HoldingSystem::SpringClamps);
        $remedies = $this->find(Jobs::top(50, 62), $backing, $load, []);

        self::assertSame(
            [RemedyKind::Turn, RemedyKind::Extend, RemedyKind::Piece, RemedyKind::AskClient],
            array_column($remedies, 'kind'),
        );
    }

    public function testPiecingIsOfferedOnlyWithABolt(): void
    {
        self::assertNotContains(RemedyKind::Piece, $this->remedies(60, 70));
        self::assertContains(RemedyKind::Piece, $this->remedies(60, 70, bolt: 42));
    }

    public function testAnotherHoldIsOfferedWhereItGivesEnough(): void
    {
        $load = $this->load(MarginSchool::WorkedOut, FloatKind::Part);
        $backing = Jobs::backing(76, 90.5);
        $remedies = $this->find(Jobs::top(68, 87.25), $backing, $load, [HoldingSystem::Pins, HoldingSystem::Zip]);

        self::assertSame(RemedyKind::Method, $remedies[0]->kind);
        self::assertSame(HoldingSystem::Pins, $remedies[0]->load?->tail);
        self::assertSame(
            'Pins instead of channel clips at the tail',
            $remedies[0]->title->writtenBy(new LengthWriter(UnitSystem::Inches)),
        );
    }

    public function testSquaringOnlyTheEndsIsOfferedWhereTheSidesMayStayCrooked(): void
    {
        $backing = Jobs::crooked(76.8, 97, 75.4, 97, 123);
        $remedies = $this->find(Jobs::top(68, 87.25), $backing, $this->load(float: FloatKind::Part), []);

        self::assertContains(RemedyKind::SquareUp, array_column($remedies, 'kind'));
    }

    public function testABackingThatFitsNeedsNoRemedy(): void
    {
        self::assertSame([], $this->remedies(78, 96));
    }

    /** @return list<RemedyKind> */
    private function remedies(float $across, float $along, ?float $bolt = null): array
    {
        $backing = Jobs::backing($across, $along, bolt: $bolt);

        return array_column($this->find(Jobs::top(68, 87.25), $backing, $this->load(), []), 'kind');
    }

    /**
     * @param list<HoldingSystem> $methods
     *
     * @return list<Remedy>
     */
    private function find(Top $top, Backing $backing, Load $load, array $methods): array
    {
        $cloth = UsableBacking::of($backing);
        $check = $this->rule()->check($top, $cloth, $load, Direction::AsIs);
        $job = new Job(
            title: 'any',
            units: UnitSystem::Inches,
            top: $top,
            backing: $backing,
            batting: null,
            frame: Frames::of(methods: $methods),
            load: $load,
        );

        return (new RemedyFinder(new Practice()))->find($job, $cloth, Direction::AsIs, $check);
    }

    public function testAWorkingNamesSchoolHoldAndFloatInWordsOfTheTrade(): void
    {
        $told = [];
        foreach (MarginSchool::cases() as $school) {
            foreach (HoldingSystem::cases() as $hold) {
                foreach (FloatKind::cases() as $float) {
                    $load = $this->load($school, $float, $hold, $hold);
                    $required = $this->rule()->required(Jobs::top(68, 87.25), $load, Direction::AsIs);
                    foreach ($required->margins->byEdge() as $margin) {
                        array_push($told, ...array_column($margin->terms, 'source'));
                    }
                }
            }
        }

        self::assertContains('4 in all round', $told);
        self::assertContains('channel clips', $told);
        self::assertSame([], preg_grep('/[a-z]-[a-z]|\bfour\b|none/', $told));
        self::assertCount(
            3,
            preg_grep('/^[\d.]+ % of the loaded length, (full|part|no) float \(estimate\)$/', array_unique($told)) ?:
            [],
        );
    }

    private function rule(): BackingRule
    {
        return new BackingRule(new Practice());
    }

    private function load(
        MarginSchool $school = MarginSchool::Four,
        FloatKind $float = FloatKind::Full,
        HoldingSystem $lead = HoldingSystem::Pins,
        HoldingSystem $tail = HoldingSystem::ChannelClips,
    ): Load {
        $in = Length::inches(...);

        return new Load(
            school: $school,
            custom: new CustomMargins($in(5), $in(3), $in(4), $in(4.5)),
            float: $float,
            lead: $lead,
            tail: $tail,
        );
    }
}
