<?php

declare(strict_types=1);

namespace App\Quilt;

use App\Quilt\Drawing\BedDrawing;
use App\Quilt\Pinning\Asked;
use Schwung\Core\Advance\Proposal;
use Schwung\Core\Job\Pin;
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
     * @param list<Pin>     $letGo    what was kept once and let go
     * @param Asked|null    $asked    a change that would undo what was kept, and was not made
     * @param string        $again    where the form says that it is meant
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
        public array $letGo = [],
        public ?Asked $asked = null,
        public string $again = '',
    ) {}

    /** The same with a question: whether a change is meant that undoes what was kept. */
    public function asking(Asked $asked, string $again, BedDrawing $bed): self
    {
        return new self(
            quilt: $this->quilt,
            stage: $this->stage,
            preparation: $this->preparation,
            bed: $bed,
            view: $this->view,
            tried: $this->tried,
            canUndo: $this->canUndo,
            canRedo: $this->canRedo,
            revision: $this->revision,
            form: $this->form,
            sheet: $this->sheet,
            risks: $this->risks,
            patterns: $this->patterns,
            isExample: $this->isExample,
            letGo: $this->letGo,
            asked: $asked,
            again: $again,
        );
    }

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
        return $this->preparation->known->faultAt($path);
    }
}
