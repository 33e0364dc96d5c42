<?php

declare(strict_types=1);

namespace Tests\Core\Attachment;

use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\TestCase;
use Schwung\Core\Attachment\Attachment;
use Schwung\Core\Attachment\AttachmentRule;
use Schwung\Core\Attachment\DriftMarkers;
use Schwung\Core\Attachment\Edge;
use Schwung\Core\Attachment\FloatOption;
use Schwung\Core\Attachment\FloatRule;
use Schwung\Core\Attachment\SharedStock;
use Schwung\Core\Frame\HoldingSystem;
use Schwung\Core\Frame\Stock;
use Schwung\Core\Frame\StockPiece;
use Schwung\Core\Job\Job;
use Schwung\Core\Job\Load;
use Schwung\Core\Material\Direction;
use Schwung\Core\Material\EdgeKind;
use Schwung\Core\Material\End;
use Schwung\Core\Material\SeamKind;
use Schwung\Core\Material\Top;
use Schwung\Core\Material\TopSeam;
use Schwung\Core\Measure\Figure;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\LengthWriter;
use Schwung\Core\Measure\Phrase;
use Schwung\Core\Measure\UnitSystem;
use Schwung\Core\Measure\Worked;
use Schwung\Core\Plan\Planner;
use Schwung\Core\Practice\FloatKind;
use Schwung\Core\Practice\HoldHabit;
use Schwung\Core\Practice\MarginSchool;
use Schwung\Core\Practice\Practice;
use Tests\Core\Jobs;
use Tests\Core\Loading\Loads;

#[CoversClass(FloatRule::class)]
#[CoversClass(DriftMarkers::class)]
#[CoversClass(SharedStock::class)]
#[CoversClass(Stock::class)]
final class FloatAndMarkersTest extends TestCase
{
    public function testATopThatDriftsWithinItsMarginFloats(): void
    {
        self::assertSame(FloatKind::Full, $this->advised(MarginSchool::Four)->kind);
        self::assertSame(
            'Fast. It may drift ¾ in; the side margin leaves 2 in beside clamp and foot.',
            $this->advised(MarginSchool::Four)->reason->writtenBy(new LengthWriter(UnitSystem::Inches)),
        );
    }

    public function testLittleSideMarginWantsTheTopHeld(): void
    {
        // 66 in across leave 3 in a side, a little over what clamp and foot take.
        self::assertSame(FloatKind::None, $this->advised(MarginSchool::Three, across: 66)->kind);
        self::assertSame(FloatKind::Part, $this->advised(MarginSchool::Three, across: 67)->kind);
        self::assertSame(FloatKind::Full, $this->advised(MarginSchool::Three, across: 68)->kind);
    }

    public function testAShapedEdgeMustFloat(): void
    {
        [$w, $l] = [Length::inches(60), Length::inches(76)];
        $options = $this->options(
            new Top($w, $w, $w, $l, $l, $l, null, EdgeKind::Scalloped),
            new Load(school: MarginSchool::Three),
        );

        self::assertSame(
            [true, false, false],
            array_map(static fn(FloatOption $option): bool => $option->isPossible, $options),
        );
        self::assertTrue($options[0]->isAdvised);
    }

    public function testMagnetsHoldAnEndOnlyOnSteel(): void
    {
        $texts = fn(bool $steel): string => implode(
            ' ',
            array_map(
                static fn($phrase): string => $phrase->writtenBy(new LengthWriter(UnitSystem::Inches)),
                $this->holdingTheEnd($steel, FloatKind::Full),
            ),
        );

        self::assertStringContainsString('Magnets on the steel front bar', $texts(true));
        self::assertStringContainsString('No magnets', $texts(false));
        self::assertSame([], $this->holdingTheEnd(true, FloatKind::None));
    }

    public function testBetweenPolesNothingHangs(): void
    {
        self::assertNotSame([], $this->holdingTheEnd(true, FloatKind::Full));
        self::assertSame([], $this->holdingTheEnd(true, FloatKind::Full, Loads::clamped()));
    }

    /**
     * @param array<string, mixed> $members
     *
     * @return list<Phrase>
     */
    private function holdingTheEnd(bool $steel, FloatKind $float, array $members = []): array
    {
        $plan = (new Planner(new Practice()))->plan(
            Jobs::prepared([
                ...$members,
                'load/float' => $float->value,
                'frame/steel_bars' => $steel,
            ])->known->parts->job() ?? throw new \LogicException('The job is whole.'),
        );

        return (new FloatRule(new Practice()))->holdingTheEnd($plan->job, $plan->chosenPlan());
    }

    public function testMarkersSitOnSeamsAndSpreadOverTheWidth(): void
    {
        $top = $this->seamed(6, 20, 34, 48, 62);
        $places = static fn(Top $top, Direction $direction): array => array_map(
            static fn(Length $place): float => $place->toInches(),
            (new DriftMarkers())->places($top, $direction, Length::zero()),
        );

        self::assertSame([-28.0, -14.0, 14.0, 28.0], $places($top, Direction::AsIs));
        self::assertSame([], $places($top, Direction::Turned));
        self::assertSame([-14.0, 14.0], $places($this->seamed(20, 48), Direction::AsIs));
        self::assertSame(
            -2.0,
            (new DriftMarkers())->places($this->seamed(20, 48), Direction::AsIs, Length::inches(12))[0]->toInches(),
        );
    }

    public function testWhatOneEndTakesTheOtherLacks(): void
    {
        $stock = [new StockPiece(Length::inches(36), 3), new StockPiece(Length::inches(12), 4)];
        $lead = $this->clips($stock, 78);
        $rest = (new SharedStock())->after($stock, $lead);

        self::assertSame([0, 4], array_map(static fn(StockPiece $kind): int => $kind->count, $rest));
        self::assertNotNull($this->clips($rest, 78)->missing);
    }

    public function testCountedPiecesAreTakenOneByOne(): void
    {
        $pins = (new AttachmentRule())->plan(HoldingSystem::Pins, new HoldHabit(), $this->edge(78));
        self::assertNotNull($pins);

        self::assertSame(
            9,
            (new SharedStock())->after((new Stock())->withCounts(['pins' => 30])->of(HoldingSystem::Pins), $pins)[0]
                ->count,
        );
        self::assertSame([], (new Stock())->of(HoldingSystem::Magnets));
        $anyLengths = new Stock([Stock::ANY => [new StockPiece(Length::inches(36), 4)]]);
        self::assertSame([], $anyLengths->of(HoldingSystem::Pins), 'a length of a yard is no pin');
        self::assertCount(1, $anyLengths->of(HoldingSystem::ChannelClips));
        self::assertNotNull(
            (new AttachmentRule())->plan(
                HoldingSystem::Pins,
                new HoldHabit(stock: (new Stock())->withCounts(['pins' => 20])->of(HoldingSystem::Pins)),
                $this->edge(78),
            )?->missing,
        );
        self::assertSame(
            8.0,
            (new AttachmentRule())
                ->plan(
                    HoldingSystem::Zip,
                    new HoldHabit(stock: [new StockPiece(Length::inches(70), 2)]),
                    $this->edge(78),
                )
                ?->missing?->length()
                ->toInches(),
        );
    }

    private function advised(MarginSchool $school, float $across = 70): FloatOption
    {
        foreach ($this->options(Jobs::top(60, 76), new Load(school: $school), $across) as $option) {
            if ($option->isAdvised) {
                return $option;
            }
        }
        self::fail('one is always advised');
    }

    /** @return list<FloatOption> */
    private function options(Top $top, Load $load, float $across = 70): array
    {
        $plan = (new Planner(new Practice()))->plan($this->job($top, $load, $across));

        return (new FloatRule(new Practice()))->options($plan->job, $plan->chosenPlan());
    }

    private function job(Top $top, Load $load, float $across = 70): Job
    {
        return new Job(
            title: 'any',
            units: UnitSystem::Inches,
            top: $top,
            backing: Jobs::backing($across, 88),
            batting: null,
            frame: Jobs::frame(),
            load: $load,
        );
    }

    private function seamed(float ...$at): Top
    {
        [$w, $l] = [Length::inches(68), Length::inches(87)];

        return new Top(
            $w,
            $w,
            $w,
            $l,
            $l,
            $l,
            seamsAlong: array_values(
                array_map(
                    static fn(float $place): TopSeam => new TopSeam(Length::inches($place), SeamKind::Block),
                    $at,
                ),
            ),
        );
    }

    /** @param list<StockPiece> $stock */
    private function clips(array $stock, float $inches): Attachment
    {
        $attachment = (new AttachmentRule())->plan(
            HoldingSystem::ChannelClips,
            new HoldHabit(stock: $stock),
            $this->edge($inches),
        );
        self::assertNotNull($attachment);

        return $attachment;
    }

    private function edge(float $inches): Edge
    {
        return new Edge(
            new Worked(Figure::measured(Length::inches($inches)), 'as it is', []),
            End::Tail,
            Length::inches(118),
            Length::zero(),
        );
    }
}
