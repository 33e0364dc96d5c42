<?php

declare(strict_types=1);

namespace App\Quilt;

use Doctrine\ORM\EntityManagerInterface;
use Schwung\Core\Measure\UnitSystem;

/** Changes a quilt's sheet, one change at a time, so that each of the last fifty can be undone. */
final readonly class SheetChanges
{
    private const REMEMBERED = 50;

    public function __construct(
        private EntityManagerInterface $entities,
        private QuiltRepository $quilts,
        private RevisionRepository $revisions,
        private Preparations $preparations,
    ) {}

    /** @param \Closure(Sheet): Sheet $change gets the sheet as it is once nobody else can change it */
    public function change(Quilt $quilt, \Closure $change): void
    {
        $this->alone($quilt, function () use ($quilt, $change): void {
            $sheet = $change($quilt->sheet());
            if (null !== $quilt->revision() && $sheet->equals($quilt->sheet())) {
                return;
            }
            $this->revisions->deleteAfter($quilt);
            $place = 1 + ($quilt->revision()->place ?? 0);
            $revision = new Revision($quilt, $place, $sheet);
            $this->entities->persist($revision);
            $this->entities->flush();
            $quilt->moveTo($revision);
            $this->revisions->deleteUpTo($quilt, $place - self::REMEMBERED - 1);
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
        $quilt->judge(Judgement::of($this->preparations->of($quilt, UnitSystem::Inches)));
        $this->entities->flush();
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
