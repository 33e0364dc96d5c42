<?php

declare(strict_types=1);

namespace App\Quilt;

use App\Measure\CurrentUnits;
use App\Quilt\Attaching\AttachView;
use App\Quilt\Attaching\RailMarks;
use App\Quilt\Drawing\BastingShapes;
use App\Quilt\Drawing\BedDrawer;
use App\Quilt\Drawing\BedDrawing;
use App\Quilt\Drawing\GapShapes;
use App\Quilt\Drawing\OldShapes;
use App\Quilt\Pinning\Asked;
use App\Quilt\Pinning\SheetPins;
use App\Quilt\Stage\LoadView;
use App\Quilt\Stage\PassesView;
use App\Quilt\Stage\StageViews;
use App\Tension\Foresight;
use Schwung\Core\Loading\BastingRule;
use Schwung\Core\Preparation\Preparation;

/** Opens the workspace of a quilt, as it is or with something tried on. */
final readonly class Workspaces
{
    public function __construct(
        private Preparations $preparations,
        private RevisionRepository $revisions,
        private CurrentUnits $units,
        private StageViews $views,
        private Foresight $foresight,
    ) {}

    /**
     * @param Sheet|null $sheet     in the place of the quilt's own
     * @param bool       $isExample of nobody, and kept nowhere
     */
    public function open(Quilt $quilt, View $view, ?Sheet $sheet = null, bool $isExample = false): Workspace
    {
        $sheet ??= $quilt->sheet();

        return $this->show(
            $quilt,
            $view,
            $sheet,
            $this->preparations->of($quilt, $this->units->system(), $sheet),
            $isExample,
        );
    }

    /** The same of a quilt whose sheet has been worked out already. */
    public function show(
        Quilt $quilt,
        View $view,
        Sheet $sheet,
        Preparation $preparation,
        bool $isExample = false,
    ): Workspace {
        $tried = null === $view->trying ? null : (new TryingOn())->find($preparation, $view->stage, $view->trying);
        if (null !== $tried) {
            $sheet = (new TryingOn())->apply($tried, $sheet);
            $preparation = $this->preparations->of($quilt, $this->units->system(), $sheet);
        }
        $shown = $this->views->of($quilt, $preparation, $view);
        [$canUndo, $canRedo] = $isExample ? [false, false] : $this->revisions->sides($quilt);

        return new Workspace(
            quilt: $quilt,
            stage: $view->stage,
            preparation: $preparation,
            bed: $this->bed($preparation, $view->stage, $shown, $quilt->carriesOthers()),
            view: $shown,
            tried: $tried,
            canUndo: $canUndo,
            canRedo: $canRedo,
            revision: $quilt->revision()?->id() ?? 0,
            form: new SheetForm($this->units->writer(), $quilt->studio->timeZone()),
            sheet: $sheet,
            risks: $isExample ? [] : $this->foresight->risks($quilt, $preparation, $view->stage),
            patterns: $isExample ? [] : $this->foresight->patterns($quilt, $view->stage),
            isExample: $isExample,
            letGo: SheetPins::letGo($sheet),
        );
    }

    /**
     * As it would be with a change that was not made yet, over what was kept.
     *
     * @param string $again where the same form says that it is meant
     */
    public function asking(Quilt $quilt, View $view, Asked $asked, string $again): Workspace
    {
        $workspace = $this->open($quilt, $view, $asked->sheet);

        return $workspace->asking(
            $asked,
            $again,
            (new OldShapes($workspace->bed->canvas))->over(
                $workspace->bed,
                (new BedDrawer())->draw($asked->before, $view->stage, $this->units->system())->layout,
            ),
        );
    }

    /** The sheet with an offer kept; unchanged where it is not on offer any more. */
    public function withOffer(Quilt $quilt, Sheet $sheet, string $stage, string $word): Sheet
    {
        $trying = new TryingOn();
        $offer = $trying->find($this->preparations->of($quilt, $this->units->system(), $sheet), $stage, $word);

        return null === $offer ? $sheet : $trying->apply($offer, $sheet);
    }

    private function bed(Preparation $preparation, string $stage, object $view, bool $isGang): BedDrawing
    {
        $units = $this->units->system();
        $passes = $view instanceof PassesView ? $view : null;
        $bed = (new BedDrawer())->draw($preparation, $stage, $units, $passes?->now, $passes?->laid);

        return match (true) {
            $view instanceof AttachView => $bed
                ->hungAt($view->position->toMillimetres(), $units)
                ->under((new RailMarks())->shapes($bed, $view)),
            $view instanceof LoadView && null !== $view->setup => $bed->under(
                (new BastingShapes($bed->canvas))->shapes((new BastingRule())->lines($view->setup)),
            ),
            default => $isGang ? $bed->under((new GapShapes())->shapes($preparation)) : $bed,
        };
    }
}
