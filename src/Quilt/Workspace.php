<?php

declare(strict_types=1);

namespace App\Quilt;

use App\Quilt\Drawing\BedDrawing;
use Schwung\Core\Advance\Proposal;
use Schwung\Core\Job\Fault;
use Schwung\Core\Measure\Phrase;
use Schwung\Core\Plan\Finding;
use Schwung\Core\Plan\Stage;
use Schwung\Core\Plan\Standing;
use Schwung\Core\Preparation\Preparation;
use Schwung\Core\Sizing\Remedy;
use Schwung\Core\Tension\Pattern;
use Schwung\Core\Tension\Risk;

/**
 * What the page of one quilt shows at any stage, with the view of the stage at hand.
 *
 * Made with named arguments.
 */
final readonly class Workspace
{
    /**
     * @param string        $stage    the word of a Stage, or "sheet"
     * @param object        $view     what just this stage shows
     * @param list<Risk>    $risks    what it is likely to meet, at the stage that can keep it away
     * @param list<Pattern> $patterns what keeps coming back on its frame
     */
    public function __construct(
        public Quilt $quilt,
        public string $stage,
        public Preparation $preparation,
        public BedDrawing $bed,
        public object $view,
        public Remedy|Proposal|null $tried,
        public bool $canUndo,
        public bool $canRedo,
        public int $revision,
        private SheetForm $form,
        private Sheet $sheet,
        public array $risks,
        public array $patterns,
        public bool $isExample = false,
    ) {}

    public function sentence(): Phrase
    {
        return $this->preparation->sentence();
    }

    /** Where the stage at hand stands. */
    public function standing(): Standing
    {
        return $this->preparation->standing(Stage::from($this->stage));
    }

    /**
     * @return array<string, Standing> every stage in working order; those at the frame by what the quilt has been
     * through
     */
    public function stages(): array
    {
        $isOn = $this->quilt->isLoaded() || $this->quilt->isFinished();

        return [
            ...$this->preparation->standings(),
            Stage::Stitch->value => $isOn ? Standing::Fine : Standing::Open,
            Stage::Off->value => $this->quilt->isFinished() ? Standing::Fine : Standing::Open,
        ];
    }

    /** @return list<Finding> that are told at the stage at hand, without what its sentence says already */
    public function findings(): array
    {
        $said = [$this->preparation->sentence(), $this->view->sentence ?? null];

        return array_values(
            array_filter(
                $this->preparation->findingsAt(Stage::from($this->stage)),
                static fn(Finding $finding): bool => !\in_array($finding->text, $said, true),
            ),
        );
    }

    /** The text of a field, as the person entered it or in the units in force. */
    public function value(string $path): string
    {
        return $this->form->shown($this->sheet, $path);
    }

    /** What is wrong with an entry of the sheet; null where nothing is, or nothing is entered. */
    public function faultAt(string $path): ?string
    {
        $pointer = '/' . str_replace('load/custom/', 'load/margins/', $path);
        $faults = array_filter(
            $this->preparation->known->wrong(),
            static fn(Fault $fault): bool => $fault->pointer === $pointer ||
                str_starts_with($fault->pointer, $pointer . '/'),
        );

        return [] === $faults ? null : reset($faults)->message;
    }
}
