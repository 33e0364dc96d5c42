<?php

declare(strict_types=1);

namespace App\AtTheFrame;

use App\Drawing\Shape;
use App\Quilt\Drawing\BedDrawing;
use Schwung\Core\Advance\RefitChoice;
use Schwung\Core\Advance\RefitRule;
use Schwung\Core\Advance\RowLayout;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\UnitSystem;

/** Fits the rows that are left of a load to what is left of its quilt, and draws both over each other. */
final readonly class Refitting
{
    public function __construct(private FramePictures $pictures) {}

    /** How many whole rows are stitched by now. */
    public function rowsDone(RunView $view): int
    {
        $winding = $view->setup->winding;
        $stitched = $view->journal->passesStitched($winding);
        $rows = 0;
        foreach ($winding->winds as $wind) {
            $rows += $wind->number <= $stitched ? $wind->pass->rows ?? 0 : 0;
        }

        return $rows + (int) floor($view->journal->rowsTicked()[$stitched + 1] ?? 0.0);
    }

    /** Why nothing can be fitted here; null where it can. */
    public function obstacle(RunView $view): ?string
    {
        $winding = $view->setup->winding;

        return match (true) {
            null === $winding->rows => 'Block work is stitched to its seams: there are no rows to fit.',
            $winding->isTurnedRound
                => 'Turned round, the rows of both halves meet in the middle: they are fitted before ' .
                'the second half begins, on the sheet.',
            default => null,
        };
    }

    /** What the plan has left after so many rows; null where nothing is left, or nothing can be fitted. */
    public function planned(RunView $view, int $done): ?Length
    {
        $rows = $view->setup->winding->rows;

        return null === $rows || $done < 1 || $done >= $rows->count ? null : RefitRule::planned($rows, $done);
    }

    /** @throws \InvalidArgumentException where that cannot be the rest of this quilt */
    public function fit(RunView $view, int $done, Length $rest): RefitChoice
    {
        $rows = $view->setup->winding->rows;
        if (null === $rows || null !== $this->obstacle($view)) {
            throw new \InvalidArgumentException((string) $this->obstacle($view));
        }
        if (!$rest->isPositive()) {
            throw new \InvalidArgumentException('From the last row to the tail edge there is a length above zero.');
        }

        return (new RefitRule())->fit($rows, $done, $rest);
    }

    /** The bed with the rows as they would be, and the tail edge where it was found. */
    public function drawn(RunView $view, RefitChoice $choice, int $done, UnitSystem $units): BedDrawing
    {
        $bed = $this->pictures->passes($view->preparation, $view->setup, $units, $view->pass());
        $rows = $view->setup->winding->rows;
        $refit = $choice->byGap ?? $choice->byScale;
        if (null === $rows || null === $refit) {
            return $bed;
        }
        $top = $bed->layout->top;
        $tail = $rows
            ->end($done - 1)
            ->plus($choice->measured)
            ->toMillimetres();

        return $bed->under([
            ...$bed->overlay,
            ...$this->rows($bed, $rows->refitted($refit), $refit->from),
            Shape::line($top->left, $tail, $top->right, $tail, 'refit-tail'),
            Shape::text(
                $top->right - $bed->canvas->px(8),
                $tail - $bed->canvas->px(6),
                'tail edge as measured',
                $bed->canvas->px(15),
                'halo strong',
                'end',
            ),
        ]);
    }

    /** @return list<Shape> */
    private function rows(BedDrawing $bed, RowLayout $rows, int $from): array
    {
        $top = $bed->layout->top;
        $shapes = [];
        for ($row = $from; $row < $rows->count; ++$row) {
            $shapes[] = Shape::box(
                $top->left,
                $rows->start($row)->toMillimetres(),
                $top->across(),
                $rows->heightOf($row)->toMillimetres(),
                'refit-row',
            );
        }

        return $shapes;
    }
}
