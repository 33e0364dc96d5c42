<?php

declare(strict_types=1);

namespace App\Quilt;

use App\Measure\CurrentUnits;
use App\Quilt\Drawing\BedDrawer;
use App\Quilt\Drawing\CuttingDrawing;
use Schwung\Core\Measure\Exception\UnreadableLength;
use Schwung\Core\Measure\Length;
use Schwung\Core\Practice\Practice;
use Schwung\Core\Sizing\BattingPieces;
use Schwung\Core\Sizing\BattingRoll;
use Schwung\Core\Sizing\Remedy;
use Schwung\Core\Sizing\RemedyKind;
use Schwung\Core\Sizing\RollCut;
use Schwung\Core\Sizing\TrimLines;

/** Opens the workspace of a quilt, as it is or with a remedy tried on. */
final readonly class Workspaces
{
    public function __construct(
        private Reviewer $reviewer,
        private RevisionRepository $revisions,
        private CurrentUnits $units,
        private Practice $practice,
    ) {
    }

    public function open(Quilt $quilt, string $stage, ?RemedyKind $trying): Workspace
    {
        $units = $this->units->system();
        $review = $this->reviewer->review($quilt, $units);
        $tried = null === $trying ? null : $this->remedy($review, $trying);
        if (null !== $tried) {
            $review = $this->reviewer->review($quilt, $units, (new RemedyKeeping())->apply($tried, $quilt->sheet()));
        }

        return new Workspace(
            $quilt,
            $stage,
            $review,
            (new BedDrawer())->draw($review, $stage, $units),
            $this->cutting($review),
            $tried,
            null !== $this->revisions->findBefore($quilt),
            null !== $this->revisions->findAfter($quilt),
            $quilt->revision()?->id() ?? 0,
            new SheetForm($this->units->writer(), $quilt->studio->timeZone()),
            null !== $review->plan && $review->plan->cloth->isSquareKnown ? (new TrimLines())->beyond($review->plan->cloth) : null,
            $this->rollCuts($review),
            $this->piecesCover($review),
        );
    }

    /** The sheet with a remedy kept; unchanged where the remedy is not on offer any more. */
    public function withRemedy(Quilt $quilt, Sheet $sheet, RemedyKind $kind): Sheet
    {
        $remedy = $this->remedy($this->reviewer->review($quilt, $this->units->system(), $sheet), $kind);

        return null === $remedy ? $sheet : (new RemedyKeeping())->apply($remedy, $sheet);
    }

    private function remedy(Review $review, RemedyKind $kind): ?Remedy
    {
        foreach ($review->remedies() as $remedy) {
            if ($remedy->kind === $kind) {
                return $remedy;
            }
        }

        return null;
    }

    private function cutting(Review $review): ?CuttingDrawing
    {
        return match (true) {
            null !== $review->extension => CuttingDrawing::ofStrips($review->extension),
            [] !== $review->piecings => CuttingDrawing::ofBolt($review->piecings[0]),
            default => null,
        };
    }

    /** @return list<RollCut>|null */
    private function rollCuts(Review $review): ?array
    {
        $batting = $review->batting();
        try {
            $roll = Length::parse($review->sheet->text('desk/roll'));
        } catch (UnreadableLength) {
            return null;
        }

        return null === $batting ? null : (new BattingRoll($this->practice))->cuts($batting->requiredAcross->length(), $batting->requiredAlong->length(), $roll);
    }

    private function piecesCover(Review $review): ?bool
    {
        $batting = $review->batting();
        $pieces = PieceLines::read($review->sheet->text('desk/pieces'), $this->units->system());

        return null === $batting || [] === $pieces ? null : (new BattingPieces())->cover($pieces, $batting->requiredAcross->length(), $batting->requiredAlong->length());
    }
}
