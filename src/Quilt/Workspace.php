<?php

declare(strict_types=1);

namespace App\Quilt;

use App\Quilt\Drawing\BedDrawing;
use App\Quilt\Drawing\CuttingDrawing;
use Schwung\Core\Measure\Length;
use Schwung\Core\Sizing\Remedy;
use Schwung\Core\Sizing\RollCut;

/** What the page of one quilt shows at one stage. */
final readonly class Workspace
{
    /**
     * @param array<'top'|'right'|'bottom'|'left', array{Length, Length}>|null $trim
     * @param list<RollCut>|null                                             $rollCuts null while no roll is given
     * @param bool|null                                                      $piecesCover null while no pieces are given
     */
    public function __construct(
        public Quilt $quilt,
        public string $stage,
        public Review $review,
        public BedDrawing $bed,
        public ?CuttingDrawing $cutting,
        public ?Remedy $tried,
        public bool $canUndo,
        public bool $canRedo,
        public int $revision,
        private SheetForm $form,
        public ?array $trim,
        public ?array $rollCuts,
        public ?bool $piecesCover,
    ) {
    }

    /** The text of a field, as the person entered it or in the units in force. */
    public function value(string $path): string
    {
        return $this->form->shown($this->review->sheet, $path);
    }
}
