<?php

declare(strict_types=1);

namespace App\Quilt\Stage;

use App\Designs\DesignShelf;
use App\Drawing\Picture;
use App\Frames\SideDrawer;
use App\Measure\CurrentUnits;
use App\Quilt\Attaching\AttachView;
use App\Quilt\Attaching\AttachViews;
use App\Quilt\Drawing\CuttingDrawing;
use App\Quilt\Drawing\WayDrawer;
use App\Quilt\Quilt;
use App\Quilt\QuiltRepository;
use App\Quilt\View;
use App\Shelf\Holding\AtHand;
use App\Shelf\Serving;
use Schwung\Core\Advance\Wind;
use Schwung\Core\Job\Mend;
use Schwung\Core\Loading\FootRule;
use Schwung\Core\Loading\VoidChoices;
use Schwung\Core\Material\Direction;
use Schwung\Core\Plan\FindingCode;
use Schwung\Core\Plan\Plan;
use Schwung\Core\Plan\WoundRule;
use Schwung\Core\Preparation\PassesSentence;
use Schwung\Core\Preparation\Preparation;
use Schwung\Core\Sizing\BattingRoll;
use Schwung\Core\Sizing\TrimLines;

/** Takes from a preparation what just one stage shows, and draws it. */
final readonly class StageViews
{
    /** Findings of other stages that the hands should know while loading. */
    private const WHILE_LOADING = [FindingCode::SeamRidge, FindingCode::StretchRollerToRoller, FindingCode::PullOut];

    public function __construct(
        private DesignShelf $designs,
        private CurrentUnits $units,
        private QuiltRepository $quilts,
        private Serving $serving,
        private AtHand $atHand,
    ) {}

    public function of(Quilt $quilt, Preparation $preparation, View $view): object
    {
        return match ($view->stage) {
            'measure' => new MeasureView($preparation->top()),
            'backing' => $this->backing($quilt, $preparation),
            'direction' => $this->direction($preparation),
            'attach' => $this->attach($quilt, $preparation) ?? new NothingMore(),
            'passes' => $this->passes($quilt, $preparation, $view->pass),
            'load' => $this->load($preparation),
            'sheet' => $this->sheet($quilt, $preparation),
            default => new NothingMore(),
        };
    }

    private function backing(Quilt $quilt, Preparation $preparation): BackingView
    {
        $plan = $preparation->plan();

        return new BackingView(
            required: $preparation->required(),
            check: $preparation->kept()?->chosenPlan()->backing,
            isSquareKnown: false !== $preparation->kept()?->cloth->isSquareKnown,
            remedies: $preparation->remedies(),
            mend: $preparation->mended()->mend,
            cutting: $this->cutting($preparation),
            trim: null !== $plan && $plan->cloth->isSquareKnown ? (new TrimLines())->beyond($plan->cloth) : null,
            batting: $this->batting($quilt, $preparation),
        );
    }

    private function cutting(Preparation $preparation): ?CuttingView
    {
        $mended = $preparation->mended();
        $picture = match (true) {
            null !== $mended->extension => (new CuttingDrawing())->ofStrips($mended->extension),
            [] !== $mended->piecings => (new CuttingDrawing())->ofBolt($mended->piecings[0]),
            default => null,
        };
        $short = $preparation->plan()?->chosenPlan()->backing;

        return null === $picture || null === $short ? null : new CuttingView($mended, $short, $picture);
    }

    private function batting(Quilt $quilt, Preparation $preparation): BattingView
    {
        $shelf = $this->serving->of($quilt, $preparation);
        $check = $preparation->kept()?->batting;
        $desk = $preparation->known->parts->desk;
        [$across, $along] = [$check?->requiredAcross->length(), $check?->requiredAlong->length()];
        if (null === $across || null === $along) {
            return new BattingView($check, null, false, null, null, [], $shelf);
        }
        $layout = $preparation->pieces();

        return new BattingView(
            $check,
            null === $desk->roll
                ? null
                : (new BattingRoll($preparation->known->practice))->cuts($across, $along, $desk->roll),
            [] !== $desk->pieces,
            $layout,
            null === $layout ? null : (new CuttingDrawing())->ofPieces($layout),
            $preparation->pieceAdvances(),
            $shelf,
        );
    }

    private function direction(Preparation $preparation): DirectionView
    {
        $plan = $preparation->kept();

        return new DirectionView(
            $plan?->choice,
            $plan?->chosenPlan(),
            null === $plan ? [] : $this->ways($plan),
            $preparation->leads(),
        );
    }

    private function attach(Quilt $quilt, Preparation $preparation): ?AttachView
    {
        return (new AttachViews($this->units->system()))->of(
            $preparation,
            $this->quilts->findHoldsWantedBeside($quilt),
            $this->atHand->away($quilt),
        );
    }

    /** @return array<string, Picture> at one scale */
    private function ways(Plan $plan): array
    {
        $drawer = new WayDrawer();
        $part = $drawer->commonPart($plan);

        return [
            'as-is' => $drawer->draw($plan, Direction::AsIs, $part),
            'turned' => $drawer->draw($plan, Direction::Turned, $part),
        ];
    }

    private function passes(Quilt $quilt, Preparation $preparation, int $pass): PassesView
    {
        $now = $preparation->winding()?->at($pass);

        return new PassesView(
            sentence: (new PassesSentence())->of($preparation),
            winding: $preparation->winding(),
            now: $now,
            laid: $preparation->laid(),
            side: $this->side($preparation, $now),
            proposals: $preparation->proposals(),
            designs: ['' => 'plain rows', ...$this->designs->names($quilt->studio)],
            choice: $preparation->kept()?->choice,
            foot: null === $preparation->kept() ? null : (new FootRule())->choose($preparation->kept()->job),
            thread: $preparation->setup()?->thread,
        );
    }

    private function side(Preparation $preparation, ?Wind $now): ?Picture
    {
        [$plan, $winding] = [$preparation->kept(), $preparation->winding()];

        return null === $now || null === $plan || null === $winding
            ? null
            : (new SideDrawer())->wound($plan->job->frame, (new WoundRule())->at($plan, $winding, $now));
    }

    private function load(Preparation $preparation): LoadView
    {
        $found = $preparation->findings();

        return new LoadView(
            setup: $preparation->setup(),
            steps: $preparation->steps(),
            mayStart: $preparation->mayStart(),
            stuck: $preparation->stuck(),
            overruling: $preparation->isOverruled() ? $preparation->known->parts->desk->overruling : null,
            promises: $preparation->promises(),
            pins: $preparation->known->pins,
            voids: null === $preparation->setup() ? [] : (new VoidChoices())->of($preparation->setup()),
            warnings: array_values(
                array_filter($found, static fn($finding): bool => \in_array($finding->code, self::WHILE_LOADING, true)),
            ),
        );
    }

    private function sheet(Quilt $quilt, Preparation $preparation): SheetView
    {
        return new SheetView(
            plan: $preparation->kept(),
            findings: $preparation->findings(),
            remedies: Mend::None === $preparation->mended()->mend ? $preparation->remedies() : [],
            cutting: $this->cutting($preparation),
            attach: $this->attach($quilt, $preparation),
            passes: null === $preparation->winding() ? null : $this->passes($quilt, $preparation, 1),
            leads: $preparation->leads(),
        );
    }
}
