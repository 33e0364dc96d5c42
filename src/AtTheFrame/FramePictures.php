<?php

declare(strict_types=1);

namespace App\AtTheFrame;

use App\Drawing\Picture;
use App\Drawing\Shape;
use App\Frames\SideDrawer;
use App\Quilt\Attaching\AttachViews;
use App\Quilt\Drawing\BastingShapes;
use App\Quilt\Drawing\BedDrawer;
use App\Quilt\Drawing\BedDrawing;
use App\Quilt\Drawing\PassBands;
use Schwung\Core\Loading\BastingRule;
use Schwung\Core\Loading\Setup;
use Schwung\Core\Loading\Shown;
use Schwung\Core\Loading\Step;
use Schwung\Core\Loading\StepKind;
use Schwung\Core\Loading\StepList;
use Schwung\Core\Measure\UnitSystem;
use Schwung\Core\Plan\WoundRule;
use Schwung\Core\Preparation\Preparation;
use Schwung\Core\Running\JournalEntry;

/** Draws what the steps of a load show: each drawing once, whichever steps share it. */
final readonly class FramePictures
{
    /** Which drawing a step shows that does not show the frame's state: side clamps have one of their own. */
    public static function key(Step $step): string
    {
        return Shown::Bed === $step->shows && StepKind::Clamp === $step->kind ? 'clamps' : $step->shows->value;
    }

    /** @return array<string, BedDrawing|Picture> those that these steps show beside the frame's state, by key */
    public function of(Preparation $preparation, Setup $setup, StepList $steps, UnitSystem $units): array
    {
        $rails = $this->rails($preparation, $units);
        $pictures = [];
        foreach ($steps->steps as $step) {
            $shows = $step->shows;
            if (Shown::Side === $shows) {
                continue;
            }
            $pictures[self::key($step)] ??= match ($shows) {
                Shown::Bed => StepKind::Clamp === $step->kind
                    ? (new SideClampDrawer())->draw($setup)
                    : $this->bed($preparation, $units),
                Shown::Basting => $this->basting($preparation, $setup, $units),
                Shown::Pass => $this->passes($preparation, $setup, $units),
                Shown::LeadRail, Shown::TailRail, Shown::TopRail => $rails[$shows->value] ??
                    $this->bed($preparation, $units),
            };
        }

        return $pictures;
    }

    public function bed(Preparation $preparation, UnitSystem $units): BedDrawing
    {
        return (new BedDrawer())->draw($preparation, 'sheet', $units);
    }

    public function basting(Preparation $preparation, Setup $setup, UnitSystem $units): BedDrawing
    {
        $bed = $this->bed($preparation, $units);

        return $bed->under((new BastingShapes($bed->canvas))->shapes((new BastingRule())->lines($setup)));
    }

    public function passes(Preparation $preparation, Setup $setup, UnitSystem $units, int $pass = 1): BedDrawing
    {
        $bed = $this->bed($preparation, $units);

        return $bed->under(
            (new PassBands($bed->layout->top, $bed->canvas))->shapes($setup->winding, $setup->wind($pass), null),
        );
    }

    /** What was read of the register, and where problems were seen. */
    public function log(RunView $view, UnitSystem $units): BedDrawing
    {
        $bed = $this->passes($view->preparation, $view->setup, $units, $view->pass());
        $px = $bed->canvas->px(...);
        $problems = array_values(
            array_filter($view->journal->problems(), static fn(JournalEntry $entry): bool => isset($entry->data['x'])),
        );

        return $bed->under([
            ...$bed->overlay,
            ...(new DriftShapes($bed->layout->top, $bed->canvas))->shapes(
                $view->journal->registerReadings(),
                $view->drift(),
            ),
            ...array_merge(
                [],
                ...array_map(
                    static fn(int $i, JournalEntry $entry): array => [
                        Shape::circle($entry->number('x'), $entry->number('y'), $px(13), 'problem-pin'),
                        Shape::text(
                            $entry->number('x'),
                            $entry->number('y') + $px(6),
                            (string) ($i + 1),
                            $px(17),
                            'problem-number strong',
                            'middle',
                        ),
                    ],
                    array_keys($problems),
                    $problems,
                ),
            ),
        ]);
    }

    public function side(Setup $setup, int $pass): Picture
    {
        return (new SideDrawer())->wound(
            $setup->plan->job->frame,
            (new WoundRule())->at($setup->plan, $setup->winding, $setup->wind($pass)),
        );
    }

    /** @return array<string, Picture> by the words of Shown */
    public function rails(Preparation $preparation, UnitSystem $units): array
    {
        [$plan, $holding] = [$preparation->kept(), $preparation->holding()];
        $strips = null === $plan || null === $holding ? [] : (new AttachViews($units))->strips($plan, $holding);

        return array_combine(
            array_map(static fn(string $edge): string => $edge . '-rail', array_keys($strips)),
            $strips,
        );
    }
}
