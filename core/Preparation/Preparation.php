<?php

declare(strict_types=1);

namespace Schwung\Core\Preparation;

use Schwung\Core\Advance\Proposal;
use Schwung\Core\Advance\Winding;
use Schwung\Core\Design\GapRule;
use Schwung\Core\Design\LaidDesign;
use Schwung\Core\Job\DirectionWish;
use Schwung\Core\Job\Job;
use Schwung\Core\Job\Pin;
use Schwung\Core\Loading\Setup;
use Schwung\Core\Loading\StepList;
use Schwung\Core\Loading\StepRule;
use Schwung\Core\Material\Direction;
use Schwung\Core\Material\End;
use Schwung\Core\Material\TopEdge;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\Phrase;
use Schwung\Core\Measure\Worked;
use Schwung\Core\Plan\Finding;
use Schwung\Core\Plan\Level;
use Schwung\Core\Plan\Plan;
use Schwung\Core\Plan\Planner;
use Schwung\Core\Plan\ProposalFinder;
use Schwung\Core\Plan\ResumeRule;
use Schwung\Core\Plan\Stage;
use Schwung\Core\Plan\Standing;
use Schwung\Core\Plan\WindingRule;
use Schwung\Core\Practice\Practice;
use Schwung\Core\Practice\Purpose;
use Schwung\Core\Practice\Thickness;
use Schwung\Core\Shelf\AdvanceRule;
use Schwung\Core\Sizing\BackingRule;
use Schwung\Core\Sizing\BattingPieces;
use Schwung\Core\Sizing\BattingRule;
use Schwung\Core\Sizing\BattingState;
use Schwung\Core\Sizing\EatenRule;
use Schwung\Core\Sizing\EdgeVerdict;
use Schwung\Core\Sizing\LaidPiece;
use Schwung\Core\Sizing\MeasuredTop;
use Schwung\Core\Sizing\PieceLayout;
use Schwung\Core\Sizing\Remedy;
use Schwung\Core\Sizing\RemedyFinder;
use Schwung\Core\Sizing\RequiredSize;
use Schwung\Core\Sizing\TopMeasuring;

/**
 * The front door: what is known of a quilt in, everything that is planned and judged of it out.
 *
 * Pages, commands, printed sheets and frozen runs ask here, and nowhere else is anything judged. Each answer is
 * worked out once, when it is first asked for; asking again costs nothing.
 */
final class Preparation
{
    /** @var array<string, mixed> answers by the name of the question */
    private array $answers = [];

    public function __construct(public readonly Known $known) {}

    public static function ofJob(Job $job, Practice $practice = new Practice()): self
    {
        return new self(Known::ofJob($job, $practice));
    }

    /** Null while the top is not measured. */
    public function top(): ?MeasuredTop
    {
        $top = $this->known->parts->top;

        return $this->once(
            __FUNCTION__,
            static fn(): ?MeasuredTop => null === $top ? null : (new TopMeasuring())->measure($top),
        );
    }

    /** The same quilt with what is not measured yet guessed; itself once top and backing are. */
    public function guess(): self
    {
        return $this->once(__FUNCTION__, function (): self {
            $parts = $this->known->parts;

            return null !== $parts->top && null !== $parts->backing
                ? $this
                : new self(
                    new Known(
                        parts: $parts->guessed(),
                        faults: $this->known->faults,
                        practice: $this->known->practice,
                        leaders: $this->known->leaders,
                        design: $this->known->design,
                        body: $this->known->body,
                        pins: $this->known->pins,
                        changes: $this->known->changes,
                    ),
                );
        });
    }

    /** The range of what is spare or short while not all is measured; null before there is one measure each way. */
    public function estimate(): ?Estimate
    {
        return $this->once(__FUNCTION__, function (): ?Estimate {
            $parts = $this->guess()->known->parts;

            return null === $parts->top || null === $parts->load
                ? null
                : (new EstimateRule($this->known->practice))->estimate(
                    $parts->tape,
                    $parts->top,
                    $parts->backing,
                    $parts->load,
                    $this->guess()->direction(),
                );
        });
    }

    /** The way round that is taken, or wished for while nothing is planned. */
    public function direction(): Direction
    {
        return $this->plan()?->chosen() ??
            (DirectionWish::Turned === $this->known->parts->load?->wish() ? Direction::Turned : Direction::AsIs);
    }

    /** The edge of the top that leads, or would. */
    public function leads(): TopEdge
    {
        return $this->known->parts->top?->edgeAt($this->direction(), End::Lead) ?? TopEdge::usual($this->direction());
    }

    /** What a backing must be, also before it is measured; null while the top is not. */
    public function required(): ?RequiredSize
    {
        return $this->once(__FUNCTION__, function (): ?RequiredSize {
            [$top, $load] = [$this->known->parts->top, $this->known->parts->load];

            return null === $top || null === $load
                ? null
                : (new BackingRule($this->known->practice))->required($top, $load, $this->direction());
        });
    }

    /** Of the cloth as it was brought; null while top, backing or frame are missing. */
    public function plan(): ?Plan
    {
        return $this->once(__FUNCTION__, function (): ?Plan {
            $job = $this->known->parts->job();

            return null === $job ? null : (new Planner($this->known->practice))->plan($job);
        });
    }

    public function mended(): Mended
    {
        return $this->once(
            __FUNCTION__,
            fn(): Mended => null === $this->plan()
                ? new Mended()
                : (new MendRule($this->known->practice))->mend($this->plan(), $this->known->parts->desk),
        );
    }

    /** The plan that is followed: of the cloth as it will be once the kept mend is done and the batting is pieced. */
    public function kept(): ?Plan
    {
        return $this->once(__FUNCTION__, function (): ?Plan {
            $plan = $this->ofBacking();
            $pieces = $this->isPieced() ? $this->pieces() : null;

            return null === $plan || null === $pieces
                ? $plan
                : (new Planner($this->known->practice))->plan(
                    $plan->job->withBatting($plan->job->batting?->sized($pieces->across, $pieces->along)),
                );
        });
    }

    /** Whether pieces are butted because the batting that was measured is short. */
    public function isPieced(): bool
    {
        return BattingState::Short === $this->ofBacking()?->batting?->state && null !== $this->pieces();
    }

    /** How it is worked; null while batting or quilting are not known, or no pass can be made. */
    public function winding(): ?Winding
    {
        return $this->once(__FUNCTION__, function (): ?Winding {
            $plan = $this->kept();
            $winding = null === $plan ? null : (new WindingRule())->of($plan, $this->known->parts->desk->working);
            if (null === $plan || null === $winding) {
                return null;
            }
            foreach ($this->known->changes as $change) {
                // A change that cannot be worked any more, because the sheet was changed since, is left out.
                $winding = (new ResumeRule($plan))->resume($winding, $change) ?? $winding;
            }

            return $winding;
        });
    }

    /** Null while nothing is planned. */
    public function holding(): ?Holding
    {
        return $this->once(__FUNCTION__, function (): ?Holding {
            $plan = $this->kept();
            if (null === $plan) {
                return null;
            }
            $holding = (new PlaceRule($this->known->practice))->hold(
                $plan,
                $this->known->leaders,
                $this->known->parts->desk->place,
                $this->known->body->workingWith($this->known->parts->desk->habits->hand)->hand,
            );

            return $this->isOneAlready() ? $holding->withoutTop() : $holding;
        });
    }

    /** Whether the layers were basted together before they came, so that no top is held by itself. */
    public function isOneAlready(): bool
    {
        return Purpose::Prebasted === $this->known->parts->desk->habits->purpose;
    }

    /** The row design laid over the quilt; null where none is chosen. */
    public function laid(): ?LaidDesign
    {
        return $this->once(__FUNCTION__, function (): ?LaidDesign {
            $rows = $this->winding()?->rows;
            $path = null === $rows ? null : $this->known->design->path();
            $plan = $this->kept();

            return null === $path || null === $plan
                ? null
                : new LaidDesign($path, $rows, $plan->job->top->across($plan->chosen()));
        });
    }

    /** How far apart the lines of the laid design are at their farthest; null where none is laid. */
    public function largestGap(): ?Length
    {
        return $this->once(
            __FUNCTION__,
            fn(): ?Length => null === $this->laid() ? null : (new GapRule())->largest($this->laid()),
        );
    }

    /**
     * How close lines of stitching must lie for the batting to eat what an edge has too much (rule 26).
     *
     * @return array<string, Worked> by the edges that are fuller than flat; none without a batting
     */
    public function eaten(): array
    {
        return $this->once(__FUNCTION__, function (): array {
            [$top, $batting] = [$this->top(), $this->known->parts->batting];
            if (null === $top || null === $batting) {
                return [];
            }
            $eaten = [];
            foreach ($top->edges as $edge => $fullness) {
                if (\in_array($fullness->verdict(), [EdgeVerdict::WorkIn, EdgeVerdict::TooFull], true)) {
                    $eaten[$edge] = (new EatenRule())->closer(
                        $fullness->share(),
                        $this->known->practice->thickness->loft($batting),
                        Thickness::loftFrom($batting),
                    );
                }
            }

            return $eaten;
        });
    }

    /** Whether no batting is there, or what is there is short and no pieces make up for it. */
    public function lacksBatting(): bool
    {
        return null === $this->known->parts->batting ||
            (BattingState::Short === $this->ofBacking()?->batting?->state && null === $this->pieces());
    }

    /**
     * What batting the loaded top needs, across and along, where none is there that covers.
     *
     * @return array{Length, Length}|null null where there is enough, or its backing is not measured
     */
    public function battingWanted(): ?array
    {
        return $this->once(__FUNCTION__, function (): ?array {
            $plan = $this->ofBacking();
            if (null === $plan || !$this->lacksBatting()) {
                return null;
            }
            [$rule, $job] = [new BattingRule($this->known->practice), $plan->job];

            return [
                $rule->requiredAcross($job->top, $plan->chosen())->length(),
                $rule->requiredAlong($job->top, $job->load, $plan->chosen(), $plan->chosenPlan()->backing)->length(),
            ];
        });
    }

    /**
     * In which pass each piece of a batting that is butted is laid in.
     *
     * @return list<int> in the order of the layout; empty where nothing is butted, or no pass is planned
     */
    public function pieceAdvances(): array
    {
        [$layout, $winding, $plan] = [$this->pieces(), $this->winding(), $this->kept()];
        if (null === $layout || null === $winding || null === $plan) {
            return [];
        }
        $over = (new BattingRule($this->known->practice))->overAt(
            End::Lead,
            $plan->job->load,
            $plan->chosenPlan()->backing,
        );

        return array_map(
            static fn(LaidPiece $piece): int => (new AdvanceRule())->pass($piece, $winding->winds, $over),
            $layout->pieces,
        );
    }

    /** The pieces of batting as they are butted to cover; null where none are given, or however they lie too little. */
    public function pieces(): ?PieceLayout
    {
        return $this->once(__FUNCTION__, function (): ?PieceLayout {
            $pieces = $this->known->parts->desk->pieces;
            $check = $this->ofBacking()?->batting;

            return [] === $pieces || null === $check
                ? null
                : (new BattingPieces())->layout(
                    $pieces,
                    $check->requiredAcross->length(),
                    $check->requiredAlong->length(),
                );
        });
    }

    /** @return list<Remedy> the ways out of a backing that does not fit this way round, or the way that is taken */
    public function remedies(?Direction $direction = null): array
    {
        $direction ??= $this->direction();

        return $this->once(__FUNCTION__ . $direction->value, function () use ($direction): array {
            $plan = $this->plan();

            return null === $plan
                ? []
                : (new RemedyFinder($this->known->practice))->find(
                    $plan->job,
                    $plan->cloth,
                    $direction,
                    $plan->directions[$direction->value]->backing,
                );
        });
    }

    /** @return list<Proposal> for better passes, best first */
    public function proposals(): array
    {
        return $this->once(
            __FUNCTION__,
            fn(): array => null === $this->kept()
                ? []
                : (new ProposalFinder($this->known->practice))->find($this->kept()),
        );
    }

    /** @return list<Finding> all that the quilter should know, in the order of the work */
    public function findings(): array
    {
        return $this->once(__FUNCTION__, fn(): array => (new FindingRule())->collect($this));
    }

    /** @return list<Finding> that are told at one stage */
    public function findingsAt(Stage $stage): array
    {
        return array_values(
            array_filter($this->findings(), static fn(Finding $finding): bool => $stage === $finding->stage()),
        );
    }

    /** @return list<Finding> what keeps the plan from being carried out */
    public function errors(): array
    {
        return array_values(
            array_filter($this->findings(), static fn(Finding $finding): bool => Level::Error === $finding->level),
        );
    }

    /** @return array<string, Standing> of each stage before the frame, by the words of Stage */
    public function standings(): array
    {
        return $this->once(__FUNCTION__, fn(): array => (new StandingRule())->standings($this));
    }

    public function standing(Stage $stage): Standing
    {
        return $this->standings()[$stage->value] ?? Standing::Open;
    }

    /** Of the whole: what a shelf shows. */
    public function overall(): Standing
    {
        return (new StandingRule())->overall($this);
    }

    /** The one sentence that says whether it will load, and what is in the way. */
    public function sentence(): Phrase
    {
        return $this->once(__FUNCTION__, fn(): Phrase => (new SentenceRule())->sentence($this));
    }

    /**
     * Whether the quilt may go on its frame: nothing is stuck and every promise is done, or somebody said why it goes
     * on all the same.
     */
    public function mayStart(): bool
    {
        return null !== $this->setup() && (new StandingRule())->isFree($this);
    }

    /** Everything that the steps depend on; null while there is nothing to load. */
    public function setup(): ?Setup
    {
        return $this->once(__FUNCTION__, fn(): ?Setup => (new SetupRule())->setup($this));
    }

    public function steps(): ?StepList
    {
        return $this->once(
            __FUNCTION__,
            fn(): ?StepList => null === $this->setup() ? null : (new StepRule())->steps($this->setup()),
        );
    }

    /** @return array<string, Decision> what is decided of it as it stands, by key */
    public function decisions(): array
    {
        return $this->once(__FUNCTION__, fn(): array => (new DecisionRule())->decisions($this));
    }

    /** @return list<BrokenPin> what was kept and would not be, as the quilt stands */
    public function brokenPins(): array
    {
        return $this->once(__FUNCTION__, fn(): array => $this->breaking($this->known->pins));
    }

    /**
     * @param list<Pin> $pins
     *
     * @return list<BrokenPin> what of them the quilt as it stands would not keep
     */
    public function breaking(array $pins): array
    {
        return (new DecisionRule())->broken($this, $pins);
    }

    /** @return list<Decision> what of the promises nobody has done yet: they hold the start */
    public function openPromises(): array
    {
        return array_values(
            array_filter(
                $this->promises(),
                fn(Decision $promise): bool => true !== $this->known->pin($promise->key)?->isDone(),
            ),
        );
    }

    /** @return list<Decision> what is to be done at the table before it is loaded, done or not */
    public function promises(): array
    {
        return $this->once(__FUNCTION__, fn(): array => (new PromiseRule())->promises($this));
    }

    /** @return list<Finding> what keeps the quilt off its frame */
    public function stuck(): array
    {
        return (new StandingRule())->stuck($this);
    }

    /** @return list<string> what has to be overruled before it may start: codes of findings and keys of promises */
    public function holdingBack(): array
    {
        return (new StandingRule())->holding($this);
    }

    public function isOverruled(): bool
    {
        return (new StandingRule())->isOverruled($this);
    }

    /** Of the backing as it will be, and of the batting as it was measured. */
    private function ofBacking(): ?Plan
    {
        return $this->mended()->plan ?? $this->plan();
    }

    /**
     * @template T
     *
     * @param \Closure(): T $answer
     *
     * @return T
     */
    private function once(string $question, \Closure $answer): mixed
    {
        if (!\array_key_exists($question, $this->answers)) {
            $this->answers[$question] = $answer();
        }

        /** @var T each question has its own name, and one kind of answer */
        return $this->answers[$question];
    }
}
