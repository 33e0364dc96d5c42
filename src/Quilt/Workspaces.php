<?php

declare(strict_types=1);

namespace App\Quilt;

use App\Designs\DesignShelf;
use App\Drawing\Picture;
use App\Frames\SideDrawer;
use App\Measure\CurrentUnits;
use App\Quilt\Attaching\Attaching;
use App\Quilt\Attaching\RailMarks;
use App\Quilt\Drawing\BastingShapes;
use App\Quilt\Drawing\BedDrawer;
use App\Quilt\Drawing\CuttingDrawing;
use App\Quilt\Drawing\WayDrawer;
use App\Quilt\Loading\LoadView;
use App\Quilt\Loading\Setups;
use App\Quilt\Winding\WoundStates;
use App\Settings\CurrentHand;
use App\Tension\Foresight;
use Schwung\Core\Advance\Wind;
use Schwung\Core\Loading\BastingRule;
use Schwung\Core\Loading\StepRule;
use Schwung\Core\Material\Direction;
use Schwung\Core\Measure\Exception\UnreadableLength;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\UnitSystem;
use Schwung\Core\Practice\Practice;
use Schwung\Core\Sizing\BattingPieces;
use Schwung\Core\Sizing\BattingRoll;
use Schwung\Core\Sizing\RollCut;
use Schwung\Core\Sizing\TrimLines;

/** Opens the workspace of a quilt, as it is or with something tried on. */
final readonly class Workspaces
{
    public function __construct(
        private Reviewer $reviewer,
        private RevisionRepository $revisions,
        private CurrentUnits $units,
        private DesignShelf $designs,
        private Laying $laying,
        private Attaching $attaching,
        private CurrentHand $hand,
        private Setups $setups,
        private Foresight $foresight,
    ) {
    }

    public function open(Quilt $quilt, View $view): Workspace
    {
        $units = $this->units->system();
        $review = $this->reviewer->review($quilt, $units);
        $tried = null === $view->trying ? null : (new TryingOn())->find($review, $view->stage, $view->trying);
        if (null !== $tried) {
            $review = $this->reviewer->review($quilt, $units, (new TryingOn())->apply($tried, $quilt->sheet()));
        }
        $plan = $review->shownPlan();
        $attach = null === $plan || !\in_array($view->stage, ['attach', 'sheet'], true) ? null : $this->attaching->view($quilt, $plan, $review->sheet, $units, $this->hand->hand());
        $now = 'passes' === $view->stage || 'sheet' === $view->stage ? $review->winding?->at($view->pass) : null;
        $laid = null === $now ? null : $this->laying->of($quilt, $review);
        $load = 'load' === $view->stage ? $this->load($quilt, $review, $units) : null;
        $bed = (new BedDrawer())->draw($review, $view->stage, $units, $now, $laid);
        $bed = null === $load ? $bed : $bed->under((new BastingShapes($bed->canvas))->shapes((new BastingRule())->lines($load->setup)));

        return new Workspace(
            $quilt,
            $view->stage,
            $review,
            null === $attach || 'sheet' === $view->stage ? $bed : $bed->hungAt($attach->position->toMillimetres(), $units)->under((new RailMarks())->shapes($bed, $attach)),
            $this->cutting($review),
            $tried,
            null !== $this->revisions->findBefore($quilt),
            null !== $this->revisions->findAfter($quilt),
            $quilt->revision()?->id() ?? 0,
            new SheetForm($this->units->writer(), $quilt->studio->timeZone()),
            null !== $review->plan && $review->plan->cloth->isSquareKnown ? (new TrimLines())->beyond($review->plan->cloth) : null,
            $this->rollCuts($review, $quilt->studio->practice()),
            $this->piecesCover($review),
            'direction' === $view->stage ? $this->ways($review) : [],
            $now,
            $laid,
            $this->side($review, $now),
            'passes' === $view->stage ? ['' => 'plain rows', ...$this->designs->names($quilt->studio)] : [],
            $attach,
            $load,
            $this->foresight->risks($quilt, $review, $view->stage),
            $this->foresight->patterns($quilt, $view->stage),
        );
    }

    /** The sheet with an offer kept; unchanged where it is not on offer any more. */
    public function withOffer(Quilt $quilt, Sheet $sheet, string $stage, string $word): Sheet
    {
        $trying = new TryingOn();
        $offer = $trying->find($this->reviewer->review($quilt, $this->units->system(), $sheet), $stage, $word);

        return null === $offer ? $sheet : $trying->apply($offer, $sheet);
    }

    private function load(Quilt $quilt, Review $review, UnitSystem $units): ?LoadView
    {
        $setup = $this->setups->of($quilt, $review, $quilt->studio->practice(), $units, $this->hand->hand());

        return null === $setup ? null : new LoadView($setup, (new StepRule())->steps($setup));
    }

    /** @return array<string, Picture> at one scale */
    private function ways(Review $review): array
    {
        $plan = $review->shownPlan();
        if (null === $plan) {
            return [];
        }
        $drawer = new WayDrawer();
        $part = $drawer->commonPart($plan);

        return ['as-is' => $drawer->draw($plan, Direction::AsIs, $part), 'turned' => $drawer->draw($plan, Direction::Turned, $part)];
    }

    private function side(Review $review, ?Wind $now): ?Picture
    {
        $plan = $review->shownPlan();

        return null === $now || null === $plan || null === $review->winding ? null : (new SideDrawer())->wound($plan->job->frame, (new WoundStates())->at($plan, $review->winding, $now));
    }

    private function cutting(Review $review): ?Picture
    {
        return match (true) {
            null !== $review->extension => (new CuttingDrawing())->ofStrips($review->extension),
            [] !== $review->piecings => (new CuttingDrawing())->ofBolt($review->piecings[0]),
            default => null,
        };
    }

    /** @return list<RollCut>|null */
    private function rollCuts(Review $review, Practice $practice): ?array
    {
        $batting = $review->batting();
        try {
            $roll = Length::parse($review->sheet->text('desk/roll'));
        } catch (UnreadableLength) {
            return null;
        }

        return null === $batting ? null : (new BattingRoll($practice))->cuts($batting->requiredAcross->length(), $batting->requiredAlong->length(), $roll);
    }

    private function piecesCover(Review $review): ?bool
    {
        $batting = $review->batting();
        $pieces = PieceLines::read($review->sheet->text('desk/pieces'), $this->units->system());

        return null === $batting || [] === $pieces ? null : (new BattingPieces())->cover($pieces, $batting->requiredAcross->length(), $batting->requiredAlong->length());
    }
}
