<?php

declare(strict_types=1);

namespace Tests\Core\Plan;

use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\TestCase;
use Schwung\Core\Advance\Proposal;
use Schwung\Core\Advance\ProposalKind;
use Schwung\Core\Job\DirectionWish;
use Schwung\Core\Job\Finish;
use Schwung\Core\Job\Job;
use Schwung\Core\Job\Load;
use Schwung\Core\Job\Quilting;
use Schwung\Core\Job\RowDesign;
use Schwung\Core\Material\Batting;
use Schwung\Core\Material\BattingKind;
use Schwung\Core\Material\SeamKind;
use Schwung\Core\Material\Top;
use Schwung\Core\Material\TopSeam;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\LengthWriter;
use Schwung\Core\Measure\UnitSystem;
use Schwung\Core\Plan\FindingCode;
use Schwung\Core\Plan\Plan;
use Schwung\Core\Plan\Planner;
use Schwung\Core\Plan\ProposalFinder;
use Schwung\Core\Practice\Practice;
use Tests\Core\Frames;
use Tests\Core\Jobs;

#[CoversClass(ProposalFinder::class)]
final class ProposalFinderTest extends TestCase
{
    public function testSmallerRowsKeepWhatTheyPromise(): void
    {
        $plan = $this->plan($this->job(Jobs::top(68, 87.25), self::rows(8, 0.5, Finish::FitScale)));
        $smaller = $this->proposal($plan, ProposalKind::SmallerRows);

        self::assertStringStartsWith('7 passes instead of 10:', $this->text($smaller));
        self::assertNotNull($smaller->rows);
        self::assertSame(
            7,
            $this->plan($plan->job->withQuilting(Quilting::rows($smaller->rows)))
                ->chosenPlan()
                ->course?->passes->count(),
        );
        self::assertSame(
            0,
            $smaller->rows->height->nanometres % UnitSystem::Inches->step()->nanometres,
            'a height that the tape shows',
        );
    }

    public function testRowsThatDoNotFitAreMadeSmallerUntilTheyDo(): void
    {
        $plan = $this->plan($this->job(Jobs::top(68, 87.25), self::rows(13.8, 0.5, Finish::RunOff)));
        $smaller = $this->proposal($plan, ProposalKind::SmallerRows);

        self::assertNotNull($smaller->rows);
        self::assertTrue(
            $this->plan($plan->job->withQuilting(Quilting::rows($smaller->rows)))
                ->chosenPlan()
                ->course?->passes->isComplete(),
        );
    }

    public function testRowsThatRunOffTooFarAreFitted(): void
    {
        $plan = $this->plan($this->job(Jobs::top(60, 78), self::rows(8, 0.5, Finish::RunOff)));
        $fitted = $this->proposal($plan, ProposalKind::OtherFinish)->rows;

        self::assertSame(Finish::FitScale, $fitted?->finish);
        self::assertNotContains(
            'run-off-past-tail',
            array_map(
                static fn($finding): string => $finding->code->value,
                $this->plan($plan->job->withQuilting(Quilting::rows($fitted)))->findings,
            ),
        );
    }

    public function testTurningSaysWhatItGainsAndCosts(): void
    {
        $seams = static fn(float ...$at): array => array_values(
            array_map(static fn(float $place): TopSeam => new TopSeam(Length::inches($place), SeamKind::Block), $at),
        );
        [$w, $l] = [Length::inches(69), Length::inches(78)];
        $top = new Top(
            $w,
            $w,
            $w,
            $l,
            $l,
            $l,
            seamsAcross: $seams(26, 52),
            seamsAlong: $seams(11.5, 23, 34.5, 46, 57.5),
        );
        $turn = $this->proposal($this->plan($this->job($top, Quilting::blocks())), ProposalKind::Turn);

        self::assertSame('0 blocks cut instead of 3.', $this->text($turn));
        $rows = $this->plan(
            $this->job(Jobs::top(68, 87.25), self::rows(8, 0.5, Finish::FitScale), load: new Load(DirectionWish::AsIs)),
        );
        self::assertSame('8 passes instead of 10.', $this->text($this->proposal($rows, ProposalKind::Turn)));
    }

    public function testARollTooThickIsTurnedRoundOrGivenLessBatting(): void
    {
        $plan = $this->plan($this->job(Jobs::top(100, 100), self::rows(7, 0.5, Finish::FitScale), 40));
        self::assertContains('roll', array_map(static fn($finding): string => $finding->code->value, $plan->findings));
        self::assertStringStartsWith(
            'From each end to the middle at 50 in: ',
            $this->text($this->proposal($plan, ProposalKind::TurnRound)),
        );
        preg_match('/up to ([\d.]+) mm/', $this->text($this->proposal($plan, ProposalKind::ThinnerBatting)), $loft);

        self::assertNull(
            $this->plan(
                $this->job(Jobs::top(100, 100), self::rows(7, 0.5, Finish::FitScale), (float) ($loft[1] ?? 0)),
            )->finding(FindingCode::Roll),
        );
    }

    public function testBordersAreLeftToTheEndWhereThatSparesBlocks(): void
    {
        $seam = static fn(float $at, SeamKind $kind): TopSeam => new TopSeam(Length::inches($at), $kind);
        [$w, $l] = [Length::inches(60), Length::inches(39)];
        // Two cut blocks save two passes, and so are taken, until the borders are left out.
        $top = new Top(
            $w,
            $w,
            $w,
            $l,
            $l,
            $l,
            seamsAcross: [
                $seam(3, SeamKind::Border),
                $seam(14, SeamKind::Block),
                $seam(25, SeamKind::Block),
                $seam(36, SeamKind::Border),
            ],
        );
        $plan = $this->plan($this->job($top, Quilting::blocks(), load: new Load(DirectionWish::AsIs), throat: 19.3));
        self::assertGreaterThan(0, $plan->chosenPlan()->course?->stopsInBlocks());

        self::assertStringStartsWith(
            '0 blocks cut instead of',
            $this->text($this->proposal($plan, ProposalKind::BordersLast)),
        );
    }

    public function testAPlanThatIsWellHasNothingProposed(): void
    {
        $plan = $this->plan($this->job(Jobs::top(60, 60), self::rows(12, 0.5, Finish::FitScale)));

        self::assertSame([], (new ProposalFinder(new Practice()))->find($plan));
    }

    private function proposal(Plan $plan, ProposalKind $kind): Proposal
    {
        foreach ((new ProposalFinder(new Practice()))->find($plan) as $proposal) {
            if ($kind === $proposal->kind) {
                return $proposal;
            }
        }
        self::fail("There is no proposal {$kind->value}.");
    }

    private function text(Proposal $proposal): string
    {
        return $proposal->text->writtenBy(new LengthWriter(UnitSystem::Inches));
    }

    private function plan(Job $job): Plan
    {
        return (new Planner(new Practice()))->plan($job);
    }

    private function job(Top $top, Quilting $quilting, float $loft = 3, ?Load $load = null, float $throat = 20): Job
    {
        $in = Length::inches(...);
        $size = Length::longest($top->width(), $top->length())->plus($in(10));
        $frame = Frames::of(inches: ['throat' => $throat]);

        return new Job(
            title: 'any',
            units: UnitSystem::Inches,
            top: $top,
            backing: Jobs::backing($size->toInches(), $size->toInches()),
            batting: new Batting($size, $size, BattingKind::CottonPoly, Length::millimetres($loft)),
            frame: $frame,
            load: $load ?? new Load(DirectionWish::AsIs),
            quilting: $quilting,
        );
    }

    private static function rows(float $height, float $gap, Finish $finish): Quilting
    {
        return Quilting::rows(
            new RowDesign(Length::inches($height), Length::inches($gap), Length::inches(0.5), $finish),
        );
    }
}
