<?php

declare(strict_types=1);

namespace App\Quilt;

use Schwung\Core\Direction\Direction;
use Schwung\Core\Exchange\Faults;
use Schwung\Core\Exchange\JobReader;
use Schwung\Core\Measure\Exception\UnreadableLength;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\UnitSystem;
use Schwung\Core\Plan\Plan;
use Schwung\Core\Plan\Planner;
use Schwung\Core\Practice\DirectionWish;
use Schwung\Core\Practice\Practice;
use Schwung\Core\Sizing\BackingRule;
use Schwung\Core\Sizing\BackingState;
use Schwung\Core\Sizing\Extension;
use Schwung\Core\Sizing\ExtensionLayout;
use Schwung\Core\Sizing\ExtensionPlan;
use Schwung\Core\Sizing\Mend;
use Schwung\Core\Sizing\Mending;
use Schwung\Core\Sizing\Piecing;
use Schwung\Core\Sizing\PiecingPlan;
use Schwung\Core\Sizing\TopMeasuring;

/** Reads a quilt's sheet, plans it as far as it goes, and judges where it stands. */
final readonly class Reviewer
{
    public function __construct(private Planner $planner, private Practice $practice)
    {
    }

    public function review(Quilt $quilt, UnitSystem $units, ?Sheet $sheet = null): Review
    {
        $sheet ??= $quilt->sheet();
        $faults = new Faults();
        $parts = (new JobReader())->parts((new JobDocument($quilt->title(), $sheet, $quilt->frame()?->measures(), $units))->decoded(), $faults);
        $job = $parts->job();
        $plan = null === $job ? null : $this->planner->plan($job);
        $direction = $plan?->chosen() ?? (DirectionWish::Turned === $parts->load?->direction ? Direction::Turned : Direction::AsIs);
        $mend = Mend::tryFrom($sheet->text('desk/mend')) ?? Mend::None;
        $isNeeded = null !== $plan && BackingState::Fits !== $plan->chosenPlan()->backing->state();
        $mend = $isNeeded ? $mend : Mend::None;
        $extension = $isNeeded && Mend::Extend === $mend ? $this->extension($plan, $sheet) : null;
        $piecings = $isNeeded && Mend::Piece === $mend ? $this->piecings($plan, $sheet, $units) : [];
        $mended = null === $plan ? null : $this->mended($plan, $extension, $piecings[0] ?? null);
        $stages = (new StageJudge())->stages($parts, $faults->all(), $plan, $mended, $mend);

        return new Review(
            $sheet,
            $parts,
            $faults->all(),
            null === $parts->top ? null : (new TopMeasuring())->measure($parts->top),
            null === $parts->top || null === $parts->load ? null : (new BackingRule($this->practice))->required($parts->top, $parts->load, $direction),
            $direction,
            $plan,
            $mend,
            $mended,
            $extension,
            $piecings,
            $stages,
            (new StageJudge())->judgement($parts, $faults->all(), $plan, $mended, $mend),
        );
    }

    private function extension(Plan $plan, Sheet $sheet): ExtensionPlan
    {
        $check = $plan->chosenPlan()->backing;
        $layout = ExtensionLayout::tryFrom($sheet->text('desk/strips')) ?? ExtensionLayout::BothEnds;

        return (new Extension($this->practice))->plan($check->squaredUp, $check->required->across->length(), $check->required->along->length(), $layout);
    }

    /** @return list<PiecingPlan> empty while no bolt is given */
    private function piecings(Plan $plan, Sheet $sheet, UnitSystem $units): array
    {
        $backing = $plan->job->backing;
        if (null === $backing->bolt) {
            return [];
        }
        $required = $plan->chosenPlan()->backing->required;

        return (new Piecing($this->practice, $units))->plans(
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

    private function mended(Plan $plan, ?ExtensionPlan $extension, ?PiecingPlan $piecing): ?Plan
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

        return $this->planner->plan($plan->job->withBacking($backing)->withLoad($load));
    }
}
