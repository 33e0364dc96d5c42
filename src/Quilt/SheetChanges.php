<?php

declare(strict_types=1);

namespace App\Quilt;

use Doctrine\ORM\EntityManagerInterface;
use Schwung\Core\Measure\UnitSystem;
use Schwung\Core\Preparation\Preparation;

/** Changes a quilt's sheet, one change at a time, so that each of the last fifty can be undone. */
final readonly class SheetChanges
{
    private const REMEMBERED = 50;
    private const JUDGED_IN = UnitSystem::Inches;

    /** @var \WeakMap<Quilt, Preparation> that each was judged by */
    private \WeakMap $judged;

    public function __construct(
        private EntityManagerInterface $entities,
        private QuiltRepository $quilts,
        private RevisionRepository $revisions,
        private Preparations $preparations,
    ) {
        $this->judged = new \WeakMap();
    }

    /** @param \Closure(Sheet): Sheet $change gets the sheet as it is once nobody else can change it */
    public function change(Quilt $quilt, \Closure $change): void
    {
        $this->alone($quilt, function () use ($quilt, $change): void {
            $sheet = $change($quilt->sheet());
            if (null !== $quilt->revision() && $sheet->equals($quilt->sheet())) {
                return;
            }
            $place = 1 + ($quilt->revision()->place ?? 0);
            $this->revisions->forget($quilt, $place - self::REMEMBERED - 1);
            $revision = new Revision($quilt, $place, $sheet);
            $this->entities->persist($revision);
            $quilt->moveTo($revision);
        });
    }

    public function undo(Quilt $quilt): void
    {
        $this->alone($quilt, fn() => $this->moveTo($quilt, $this->revisions->findBefore($quilt)));
    }

    public function redo(Quilt $quilt): void
    {
        $this->alone($quilt, fn() => $this->moveTo($quilt, $this->revisions->findAfter($quilt)));
    }

    /** Keeps the verdict in step when the quilt's frame or title changes. */
    public function judge(Quilt $quilt): void
    {
        $this->judged[$quilt] = $this->preparations->of($quilt, self::JUDGED_IN);
        $quilt->judge(Judgement::of($this->judged[$quilt]));
        $this->entities->flush();
    }

    /** How a quilt stands after a change: worked out anew only where it was judged in other units. */
    public function outcome(Quilt $quilt, UnitSystem $units): Preparation
    {
        $judged = self::JUDGED_IN === $units ? $this->judged[$quilt] ?? null : null;

        return $judged ?? $this->preparations->of($quilt, $units);
    }

    private function moveTo(Quilt $quilt, ?Revision $revision): void
    {
        if (null !== $revision) {
            $quilt->moveTo($revision);
        }
    }

    /** @param \Closure(): void $work */
    private function alone(Quilt $quilt, \Closure $work): void
    {
        $this->entities->wrapInTransaction(function () use ($quilt, $work): void {
            $this->quilts->lock($quilt);
            $work();
            $this->judge($quilt);
        });
    }
}
