<?php

declare(strict_types=1);

namespace App\Quilt;

use Schwung\Core\Exchange\JobReader;
use Schwung\Core\Job\DirectionWish;
use Schwung\Core\Job\ExtensionLayout;
use Schwung\Core\Job\Faults;
use Schwung\Core\Job\Mend;
use Schwung\Core\Material\Direction;
use Schwung\Core\Measure\Exception\UnreadableLength;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\UnitSystem;
use Schwung\Core\Plan\Plan;
use Schwung\Core\Plan\Planner;
use Schwung\Core\Plan\WindingRule;
use Schwung\Core\Practice\Practice;
use Schwung\Core\Sizing\BackingRule;
use Schwung\Core\Sizing\BackingState;
use Schwung\Core\Sizing\Extension;
use Schwung\Core\Sizing\ExtensionPlan;
use Schwung\Core\Sizing\Mending;
use Schwung\Core\Sizing\Piecing;
use Schwung\Core\Sizing\PiecingPlan;
use Schwung\Core\Sizing\TopMeasuring;

/** Reads a quilt's sheet, plans it as far as it goes, and judges where it stands. */
final readonly class Reviewer
{
    public function review(Quilt $quilt, UnitSystem $units, ?Sheet $sheet = null): Review
    {
        return $this->reviewOf(Subject::of($quilt, $sheet), $units);
    }

    /** The same of a quilt as it was written down. */
    public function reviewOf(Subject $subject, UnitSystem $units): Review
    {
        $sheet = $subject->sheet;
        $faults = new Faults();
        $parts = (new JobReader())->parts($subject->job($units)->decoded(), $faults);
        $job = $parts->job();
        $practice = $subject->practice;
        $plan = null === $job ? null : (new Planner($practice))->plan($job);
        $direction = $plan?->chosen() ?? (DirectionWish::Turned === $parts->load?->direction ? Direction::Turned : Direction::AsIs);
        $mend = Mend::tryFrom($sheet->text('desk/mend')) ?? Mend::None;
        $isNeeded = null !== $plan && BackingState::Fits !== $plan->chosenPlan()->backing->state();
        $mend = $isNeeded ? $mend : Mend::None;
        $extension = $isNeeded && Mend::Extend === $mend ? $this->extension($plan, $sheet, $practice) : null;
        $piecings = $isNeeded && Mend::Piece === $mend ? $this->piecings($plan, $sheet, $units, $practice) : [];
        $mended = null === $plan ? null : $this->mended($plan, $extension, $piecings[0] ?? null, $practice);
        $shown = $mended ?? $plan;
        $winding = null === $shown ? null : (new WindingRule())->of($shown, $sheet->working());
        $judge = new StageJudge($parts, $faults->all(), $plan, $mended, $mend, $winding);

        return new Review(
            $sheet,
            $parts,
            $faults->all(),
            null === $parts->top ? null : (new TopMeasuring())->measure($parts->top),
            null === $parts->top || null === $parts->load ? null : (new BackingRule($practice))->required($parts->top, $parts->load, $direction),
            $direction,
            $plan,
            $mend,
            $mended,
            $extension,
            $piecings,
            $winding,
            $practice,
            $judge->stages(),
            $judge->judgement(),
        );
    }

    private function extension(Plan $plan, Sheet $sheet, Practice $practice): ExtensionPlan
    {
        $check = $plan->chosenPlan()->backing;
        $layout = ExtensionLayout::tryFrom($sheet->text('desk/strips')) ?? ExtensionLayout::BothEnds;

        return (new Extension($practice))->plan($check->squaredUp, $check->required->across->length(), $check->required->along->length(), $layout);
    }

    /** @return list<PiecingPlan> empty while no bolt is given */
    private function piecings(Plan $plan, Sheet $sheet, UnitSystem $units, Practice $practice): array
    {
        $backing = $plan->job->backing;
        if (null === $backing->bolt) {
            return [];
        }
        $required = $plan->chosenPlan()->backing->required;

        return (new Piecing($practice, $units))->plans(
            $required->across->length(), $required->along->length(), $backing->bolt, $backing->directional, $plan->chosen(), $this->repeat($sheet),
        );
    }

    private function repeat(Sheet $sheet): ?Length
    {
        try {
            $repeat = Length::parse($sheet->text('desk/repeat'));
        } catch (UnreadableLength) {
            return null;
        }

        return $repeat->isPositive() ? $repeat : null;
    }

    private function mended(Plan $plan, ?ExtensionPlan $extension, ?PiecingPlan $piecing, Practice $practice): ?Plan
    {
        $required = $plan->chosenPlan()->backing->required;
        $backing = match (true) {
            null !== $extension => (new Mending())->extended($plan->job->backing, $extension, $plan->chosen()),
            null !== $piecing => (new Mending())->pieced($plan->job->backing, $piecing, $required->across->length(), $required->along->length(), $plan->chosen()),
            default => null,
        };
        if (null === $backing) {
            return null;
        }
        $load = $plan->job->load->withDirection(DirectionWish::from($plan->chosen()->value));

        return (new Planner($practice))->plan($plan->job->withBacking($backing)->withLoad($load));
    }
}
