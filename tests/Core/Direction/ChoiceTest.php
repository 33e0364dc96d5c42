<?php

declare(strict_types=1);

namespace Tests\Core\Direction;

use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Schwung\Core\Direction\Blocker;
use Schwung\Core\Direction\ChoiceRule;
use Schwung\Core\Direction\Criterion;
use Schwung\Core\Direction\Decision;
use Schwung\Core\Direction\DirectionRule;
use Schwung\Core\Frame\Frame;
use Schwung\Core\Frame\FrameKind;
use Schwung\Core\Job\CustomMargins;
use Schwung\Core\Job\DirectionWish;
use Schwung\Core\Job\Finish;
use Schwung\Core\Job\Job;
use Schwung\Core\Job\Load;
use Schwung\Core\Job\Quilting;
use Schwung\Core\Job\RowDesign;
use Schwung\Core\Material\Backing;
use Schwung\Core\Material\BackingKind;
use Schwung\Core\Material\BackingSeam;
use Schwung\Core\Material\Batting;
use Schwung\Core\Material\BattingKind;
use Schwung\Core\Material\Direction;
use Schwung\Core\Material\EdgeKind;
use Schwung\Core\Material\Pressing;
use Schwung\Core\Material\SeamDirection;
use Schwung\Core\Material\Stretch;
use Schwung\Core\Material\Top;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\UnitSystem;
use Schwung\Core\Plan\DirectionFindings;
use Schwung\Core\Plan\Finding;
use Schwung\Core\Plan\Planner;
use Schwung\Core\Practice\MarginSchool;
use Schwung\Core\Practice\Practice;

#[CoversClass(ChoiceRule::class)]
#[CoversClass(DirectionRule::class)]
#[CoversClass(DirectionFindings::class)]
final class ChoiceTest extends TestCase
{
    /**
     * The worked examples for rule 13: a top of 60 × 72 in, rows of 6 in that run off, cotton batting.
     *
     * @param array{int, int} $passes as is, turned
     */
    #[DataProvider('ways')]
    public function testTheFirstCriterionThatDiffersDecides(
        Job $job,
        Direction $chosen,
        Decision $by,
        array $passes,
        float $rollAsIs,
        float $rollTurned,
    ): void {
        $plan = (new Planner(new Practice()))->plan($job);

        self::assertSame([$chosen, $by], [$plan->choice->chosen, $plan->choice->decidedBy]);
        self::assertSame(
            $passes,
            array_map(static fn(string $way): ?int => $plan->directions[$way]->course?->passes->count(), [
                'as-is',
                'turned',
            ]),
        );
        self::assertEqualsWithDelta(
            $rollAsIs,
            $plan->directions['as-is']->course?->passes->last()?->rollDiameter()->length()->toInches(),
            1e-4,
        );
        self::assertEqualsWithDelta(
            $rollTurned,
            $plan->directions['turned']->course?->passes->last()?->rollDiameter()->length()->toInches(),
            1e-4,
        );
    }

    /** @return iterable<string, array{Job, Direction, Decision, array{int, int}, float, float}> */
    public static function ways(): iterable
    {
        $cotton = [[6, 5], 3.5184, 3.2935];
        $minky = [[6, 5], 4.0359, 3.7384];
        yield 'fits both ways' => [self::job(69, 81), Direction::Turned, Decision::Passes, ...$cotton];
        yield 'top and design have an up' => [
            self::job(69, 81, up: true, designUp: true),
            Direction::AsIs,
            Decision::Directional,
            ...$cotton,
        ];
        yield 'only the design has an up' => [
            self::job(69, 81, designUp: true),
            Direction::Turned,
            Decision::Passes,
            ...$cotton,
        ];
        yield 'tight one way' => [
            self::job(84, 81, custom: true, stretch: Stretch::Across),
            Direction::Turned,
            Decision::Backing,
            ...$cotton,
        ];
        yield 'minky, tight but not stretched' => [
            self::job(84, 81, custom: true, stretch: Stretch::Across, kind: BackingKind::Minky),
            Direction::AsIs,
            Decision::Stretch,
            ...$minky,
        ];
        yield 'minky that does not stretch' => [
            self::job(84, 81, custom: true, kind: BackingKind::Minky),
            Direction::Turned,
            Decision::Backing,
            ...$minky,
        ];
        yield 'fewer inches short' => [self::job(60, 90, custom: true), Direction::AsIs, Decision::Backing, ...$cotton];
        yield 'fewer inches short though stretched' => [
            self::job(60, 90, custom: true, stretch: Stretch::Along),
            Direction::AsIs,
            Decision::Backing,
            ...$cotton,
        ];
        yield 'minky, both short' => [
            self::job(60, 90, custom: true, stretch: Stretch::Along, kind: BackingKind::Minky),
            Direction::Turned,
            Decision::Stretch,
            ...$minky,
        ];
    }

    public function testAWishGoesBeforeAllAndTheProposalIsStillTold(): void
    {
        $job = self::job(69, 81);
        $choice = (new Planner(new Practice()))->plan($job->withLoad($job->load->withDirection(DirectionWish::AsIs)))
            ->choice;

        self::assertSame([Direction::AsIs, Decision::Asked], [$choice->chosen, $choice->decidedBy]);
        self::assertTrue($choice->isOverruled());
        self::assertSame([Direction::Turned, Decision::Passes], [$choice->proposed, $choice->proposedBy]);
        self::assertContains(
            Decision::Roll,
            array_map(static fn(Criterion $criterion): Decision => $criterion->decision, $choice->criteria),
        );
    }

    public function testASquareQuiltStaysAsItIs(): void
    {
        $job = new Job(
            title: 'any',
            units: UnitSystem::Inches,
            top: \Tests\Core\Jobs::top(60, 60),
            backing: \Tests\Core\Jobs::backing(70, 70),
            batting: null,
            frame: self::frame(),
            load: new Load(),
        );

        self::assertSame(Decision::Tie, (new Planner(new Practice()))->plan($job)->choice->decidedBy);
    }

    /** @param list<Blocker> $blockers as it is */
    #[DataProvider('blocked')]
    public function testWhatBlocksAWayIsNamed(Job $job, array $blockers, string $code): void
    {
        $plan = (new Planner(new Practice()))->plan($job->withLoad($job->load->withDirection(DirectionWish::AsIs)));

        self::assertSame($blockers, $plan->directions['as-is']->blockers);
        self::assertContains($code, self::codes($plan->findings));
    }

    /** @return iterable<string, array{Job, list<Blocker>, string}> */
    public static function blocked(): iterable
    {
        yield 'rail too short' => [self::job(69, 81, frame: self::frame(rail: 59)), [Blocker::Reach], 'reach'];
        yield 'leader too narrow' => [self::job(69, 81, frame: self::frame(leader: 67)), [Blocker::Leader], 'leader'];
        yield 'no room for a row' => [self::job(69, 81, frame: self::frame(throat: 11.9)), [Blocker::Row], 'row'];
        yield 'arm too low' => [self::job(69, 81, frame: self::frame(arm: 3.4)), [Blocker::Roll], 'roll'];
        yield 'all at once' => [
            self::job(69, 81, frame: self::frame(rail: 59, leader: 67, throat: 11.9, arm: 2)),
            [Blocker::Reach, Blocker::Leader, Blocker::Row],
            'leader',
        ];
    }

    public function testASeamThatWindsOnItselfDecides(): void
    {
        $frame = self::frame(150, 145);
        $long = self::seamed(self::job(70, 130, frame: $frame, length: 120), 70, 130, Pressing::ToOneSide);
        $square = self::seamed(self::job(70, 70, frame: $frame, length: 60), 70, 70, Pressing::Open);
        $plain = self::job(70, 71, frame: $frame, length: 60.5);
        $of = static fn(Job $job): array => [
            (new Planner(new Practice()))->plan($job)->choice->chosen,
            (new Planner(new Practice()))->plan($job)->choice->decidedBy,
        ];

        self::assertSame([Direction::Turned, Decision::Ridge], $of($long), 'a ridge goes before passes');
        self::assertSame([Direction::Turned, Decision::Seam], $of($square), 'any winding seam goes before the roll');
        self::assertSame(
            [Direction::AsIs, Decision::Tie],
            $of($plain),
            'rolls less than an eighth of an inch apart are alike',
        );
    }

    private static function seamed(Job $job, float $across, float $along, Pressing $pressed): Job
    {
        [$a, $l] = [Length::inches($across), Length::inches($along)];
        $seam = new BackingSeam(SeamDirection::Along, Length::inches($across / 2 - 3), $pressed);

        return $job->withBacking(new Backing($a, $l, $a, $l, Length::inches(hypot($across, $along)), seams: [$seam]));
    }

    public function testAWayThatLoadsIsTakenBeforeOneThatDoesNot(): void
    {
        $plan = (new Planner(new Practice()))->plan(
            self::job(69, 81, up: true, designUp: true, frame: self::frame(arm: 3.4)),
        );

        self::assertSame([Direction::Turned, Decision::Loads], [$plan->choice->chosen, $plan->choice->decidedBy]);
        self::assertContains('design-on-its-side', self::codes($plan->findings));
    }

    public function testAClampFrameWorksAWideTopInSections(): void
    {
        $clamps = \Tests\Core\Frames::of(
            FrameKind::Clamp,
            [
                'rail' => 52,
                'unreachable_left' => 6,
                'unreachable_right' => 6,
                'takeup_diameter' => 1.5,
                'leader_length' => null,
                'leader_width' => null,
            ],
            null,
        );
        $plan = (new Planner(new Practice()))->plan(self::job(69, 81, frame: $clamps));

        self::assertSame(
            [2, 2],
            [\count($plan->directions['as-is']->sections), \count($plan->directions['turned']->sections)],
        );
        self::assertTrue($plan->directions['as-is']->loads());
    }

    public function testWhatHurtsTheClothIsSaid(): void
    {
        $plan = (new Planner(new Practice()))->plan(
            self::job(84, 81, custom: true, stretch: Stretch::Across, frame: self::frame(leader: 80)),
        );

        self::assertContains('stretch-roller-to-roller', self::codes($plan->findings));
        self::assertContains('backing-wider-than-leader', self::codes($plan->findings));
    }

    #[DataProvider('runOffs')]
    public function testRowsThatRunOffTooFarAreSaid(float $length, bool $isSaid): void
    {
        $design = new RowDesign(Length::inches(8), Length::inches(0.5), Length::inches(0.5));
        // Just as long as the margins ask: what is laid at the tail is what was asked for.
        $job = self::job(69, $length + 8, length: $length)->withQuilting(Quilting::rows($design));
        $plan = (new Planner(new Practice()))->plan($job->withLoad($job->load->withDirection(DirectionWish::AsIs)));

        self::assertSame($isSaid, \in_array('run-off-past-tail', self::codes($plan->findings), true));
    }

    /** @return iterable<string, array{float, bool}> */
    public static function runOffs(): iterable
    {
        yield 'an inch beyond' => [83, false];
        yield 'six inches beyond, more than the free margin' => [78, true];
    }

    public function testAFinishThatCannotBeIsSaid(): void
    {
        $design = new RowDesign(Length::inches(10), Length::inches(0.5), Length::inches(0.5), Finish::FitGap);
        $plan = (new Planner(new Practice()))->plan(
            self::job(69, 81, width: 60, length: 11)->withQuilting(Quilting::rows($design)),
        );

        self::assertContains('finish-not-possible', self::codes($plan->findings));
    }

    public function testWithoutBattingOrQuiltingNothingIsGuessed(): void
    {
        $plan = (new Planner(new Practice()))->plan(self::job(69, 81)->withQuilting(null));

        self::assertNull($plan->chosenPlan()->course);
        self::assertContains('/quilting', $plan->skipped);
    }

    private static function job(
        float $across,
        float $along,
        bool $up = false,
        bool $designUp = false,
        bool $custom = false,
        Stretch $stretch = Stretch::None,
        BackingKind $kind = BackingKind::Cotton,
        ?Frame $frame = null,
        float $width = 60,
        float $length = 72,
    ): Job {
        $in = Length::inches(...);
        [$w, $l] = [$in($width), $in($length)];
        $load = $custom
            ? new Load(school: MarginSchool::Custom, custom: new CustomMargins($in(8), $in(8), $in(4), $in(4)))
            : new Load();

        return new Job(
            title: 'any',
            units: UnitSystem::Inches,
            top: new Top($w, $w, $w, $l, $l, $l, null, EdgeKind::Straight, $up),
            backing: new Backing(
                $in($across),
                $in($along),
                $in($across),
                $in($along),
                $in(hypot($across, $along)),
                $kind,
                $stretch,
            ),
            batting: new Batting($in(90), $in(90), BattingKind::Cotton),
            frame: $frame ?? self::frame(),
            load: $load,
            quilting: Quilting::rows(new RowDesign($in(6), $in(0.5), $in(0.5)), $designUp),
        );
    }

    private static function frame(float $rail = 126, float $leader = 118, float $throat = 20, float $arm = 9): Frame
    {
        return \Tests\Core\Frames::of(
            inches: ['rail' => $rail, 'throat' => $throat, 'arm_clearance' => $arm, 'leader_width' => $leader],
        );
    }

    /**
     * @param list<Finding> $findings
     *
     * @return list<string>
     */
    private static function codes(array $findings): array
    {
        return array_map(static fn(Finding $finding): string => $finding->code->value, $findings);
    }
}
