<?php

declare(strict_types=1);

namespace App\AtTheFrame;

use App\Drawing\Picture;
use App\Drawing\Shape;
use App\Frames\SideDrawer;
use App\Quilt\Attaching\Attaching;
use App\Quilt\Drawing\BastingShapes;
use App\Quilt\Drawing\BedDrawer;
use App\Quilt\Drawing\BedDrawing;
use App\Quilt\Drawing\PassBands;
use App\Quilt\Quilt;
use App\Quilt\Review;
use App\Quilt\Winding\WoundStates;
use Schwung\Core\Loading\BastingRule;
use Schwung\Core\Loading\Setup;
use Schwung\Core\Loading\Shown;
use Schwung\Core\Loading\Step;
use Schwung\Core\Loading\StepList;
use Schwung\Core\Measure\UnitSystem;
use Schwung\Core\Running\JournalEntry;

/** Draws what the steps of a load show: each drawing once, whichever steps share it. */
final readonly class FramePictures
{
    public function __construct(private Attaching $attaching)
    {
    }

    /** Which drawing a step shows. */
    public static function key(Step $step): string
    {
        return Shown::Side === $step->shows ? 'side-'.($step->pass ?? 1) : $step->shows->value;
    }

    /** @return array<string, BedDrawing|Picture> those that these steps show, by key */
    public function of(Quilt $quilt, Review $review, Setup $setup, StepList $steps, UnitSystem $units): array
    {
        $rails = $this->rails($quilt, $review, $setup, $units);
        $pictures = [];
        foreach ($steps->steps as $step) {
            $key = self::key($step);
            $pictures[$key] ??= match ($step->shows) {
                Shown::Bed => $this->bed($review, $units),
                Shown::Basting => $this->basting($review, $setup, $units),
                Shown::Pass => $this->passes($review, $setup, $units),
                Shown::Side => $this->side($setup, $step->pass ?? 1),
                Shown::LeadRail, Shown::TailRail, Shown::TopRail => $rails[$step->shows->value] ?? $this->bed($review, $units),
            };
        }

        return $pictures;
    }

    public function bed(Review $review, UnitSystem $units): BedDrawing
    {
        return (new BedDrawer())->draw($review, 'sheet', $units);
    }

    public function basting(Review $review, Setup $setup, UnitSystem $units): BedDrawing
    {
        $bed = $this->bed($review, $units);

        return $bed->under((new BastingShapes($bed->canvas))->shapes((new BastingRule())->lines($setup)));
    }

    public function passes(Review $review, Setup $setup, UnitSystem $units, int $pass = 1): BedDrawing
    {
        $bed = $this->bed($review, $units);

        return $bed->under((new PassBands($bed->layout->top, $bed->canvas))->shapes($setup->winding, $setup->wind($pass), null));
    }

    /** What was read of the register, and where problems were seen. */
    public function log(RunView $view, UnitSystem $units): BedDrawing
    {
        $bed = $this->passes($view->review, $view->setup, $units, $view->pass());
        $px = $bed->canvas->px(...);
        $problems = array_values(array_filter($view->journal->problems(), static fn (JournalEntry $entry): bool => isset($entry->data['x'])));

        return $bed->under([
            ...$bed->overlay,
            ...(new DriftShapes($bed->layout->top, $bed->canvas))->shapes($view->journal->registerReadings(), $view->drift()),
            ...array_merge([], ...array_map(static fn (int $i, JournalEntry $entry): array => [
                Shape::circle($entry->number('x'), $entry->number('y'), $px(13), 'problem-pin'),
                Shape::text($entry->number('x'), $entry->number('y') + $px(6), (string) ($i + 1), $px(17), 'problem-number strong', 'middle'),
            ], array_keys($problems), $problems)),
        ]);
    }

    public function side(Setup $setup, int $pass): Picture
    {
        return (new SideDrawer())->wound($setup->plan->job->frame, (new WoundStates())->at($setup->plan, $setup->winding, $setup->wind($pass)));
    }

    /** @return array<string, Picture> by the words of Shown */
    public function rails(Quilt $quilt, Review $review, Setup $setup, UnitSystem $units): array
    {
        $pictures = [];
        foreach ($this->attaching->view($quilt, $setup->plan, $review->sheet, $units, $setup->hand)->edges as $edge) {
            if (null !== $edge->strip) {
                $pictures[$edge->name.'-rail'] = $edge->strip;
            }
        }

        return $pictures;
    }
}
