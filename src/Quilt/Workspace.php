<?php

declare(strict_types=1);

namespace App\Quilt;

use App\Drawing\Picture;
use App\Quilt\Attaching\AttachView;
use App\Quilt\Drawing\BedDrawing;
use App\Quilt\Loading\LoadView;
use Schwung\Core\Advance\Proposal;
use Schwung\Core\Advance\Wind;
use Schwung\Core\Design\LaidDesign;
use Schwung\Core\Measure\Length;
use Schwung\Core\Sizing\Remedy;
use Schwung\Core\Sizing\RollCut;
use Schwung\Core\Tension\Pattern;
use Schwung\Core\Tension\Risk;

/** What the page of one quilt shows at one stage. */
final readonly class Workspace
{
    /**
     * @param array<'top'|'right'|'bottom'|'left', array{Length, Length}>|null $trim
     * @param list<RollCut>|null                                             $rollCuts null while no roll is given
     * @param bool|null                                                      $piecesCover null while no pieces are given
     * @param array<string, Picture>                                         $ways     both ways round, at the stage that compares them
     * @param Wind|null                                                      $now      the pass at hand, where passes are shown
     * @param LaidDesign|null                                                $laid     the row design laid over them, where one is chosen
     * @param Picture|null                                                   $side     the frame from the side at that pass
     * @param AttachView|null                                                $attach   how it is held, at the stage that shows it
     * @param LoadView|null                                                  $load     how it is loaded, at the stage that shows it
     * @param list<Risk>                                                     $risks    what it is likely to meet, at the stage that can keep it away
     * @param list<Pattern>                                                  $patterns what keeps coming back on its frame
     * @param array<string, string>                                          $designs  names of row designs by word, where one can be chosen
     */
    public function __construct(
        public Quilt $quilt,
        public string $stage,
        public Review $review,
        public BedDrawing $bed,
        public ?Picture $cutting,
        public Remedy|Proposal|null $tried,
        public bool $canUndo,
        public bool $canRedo,
        public int $revision,
        private SheetForm $form,
        public ?array $trim,
        public ?array $rollCuts,
        public ?bool $piecesCover,
        public array $ways,
        public ?Wind $now,
        public ?LaidDesign $laid,
        public ?Picture $side,
        public array $designs,
        public ?AttachView $attach,
        public ?LoadView $load,
        public array $risks,
        public array $patterns,
    ) {
    }

    /** @return array<string, Standing> every stage in working order; those at the frame by what the quilt has been through */
    public function stages(): array
    {
        $isOn = $this->quilt->isLoaded() || $this->quilt->isFinished();

        return [...$this->review->stages, 'stitch' => $isOn ? Standing::Fine : Standing::Open, 'off' => $this->quilt->isFinished() ? Standing::Fine : Standing::Open];
    }

    /** The text of a field, as the person entered it or in the units in force. */
    public function value(string $path): string
    {
        return $this->form->shown($this->review->sheet, $path);
    }
}
