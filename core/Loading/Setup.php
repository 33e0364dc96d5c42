<?php

declare(strict_types=1);

namespace Schwung\Core\Loading;

use Schwung\Core\Advance\Wind;
use Schwung\Core\Advance\Winding;
use Schwung\Core\Attachment\HeldEnds;
use Schwung\Core\Frame\BetterWay;
use Schwung\Core\Frame\Foot;
use Schwung\Core\Frame\FrameKind;
use Schwung\Core\Frame\HoldingSystem;
use Schwung\Core\Material\BackingKind;
use Schwung\Core\Material\EdgeKind;
use Schwung\Core\Material\End;
use Schwung\Core\Measure\Figure;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\Phrase;
use Schwung\Core\Plan\Plan;
use Schwung\Core\Practice\Alignment;
use Schwung\Core\Practice\BastingStitch;
use Schwung\Core\Practice\BattingHold;
use Schwung\Core\Practice\Body;
use Schwung\Core\Practice\ChannelLock;
use Schwung\Core\Practice\Distance;
use Schwung\Core\Practice\FarEdge;
use Schwung\Core\Practice\FloatKind;
use Schwung\Core\Practice\Hand;
use Schwung\Core\Practice\HangingEnd;
use Schwung\Core\Practice\LastEdge;
use Schwung\Core\Practice\LoadingHabits;
use Schwung\Core\Practice\LoadingPlace;
use Schwung\Core\Practice\Practice;
use Schwung\Core\Practice\Purpose;
use Schwung\Core\Practice\SideBasting;
use Schwung\Core\Practice\Stitches;
use Schwung\Core\Sizing\EdgeVerdict;
use Schwung\Core\Sizing\TestRoom;
use Schwung\Core\Sizing\TestRoomRule;

/** Everything that the steps of one load depend on: the plan, how it is worked, the schools, and whose hands do it. */
final readonly class Setup
{
    /**
     * @param Length          $position of the quilt's middle from the leaders' centre marks
     * @param Length|null     $dips     between two places where the laid design comes to the tail edge; null where it does not
     */
    public function __construct(
        public Plan $plan,
        public Winding $winding,
        public LoadingHabits $habits,
        public Stitches $stitches,
        public ThreadPlan $thread,
        public HeldEnds $held,
        public Length $position,
        public Body $body = new Body(),
        public Practice $practice = new Practice(),
        public ?Length $dips = null,
    ) {}

    /** The same load by other schools. */
    public function by(LoadingHabits $habits): self
    {
        // @phpstan-ignore argument.type (the names and types are those of this class)
        return new self(...[...get_object_vars($this), 'habits' => $habits]);
    }

    /** A plan as a document has it: the usual schools, hung on the centre, a right hand. */
    public static function usual(
        Plan $plan,
        Winding $winding,
        LoadingHabits $habits = new LoadingHabits(),
        Stitches $stitches = new Stitches(),
        Body $body = new Body(),
    ): self {
        return new self(
            plan: $plan,
            winding: $winding,
            habits: $habits,
            stitches: $stitches,
            thread: ThreadRule::ofLoad($plan, $winding, $habits->purpose, new Practice(stitches: $stitches)),
            held: $plan->held,
            position: Length::zero(),
            body: $body,
        );
    }

    public function kind(): FrameKind
    {
        return $this->plan->job->frame->kind;
    }

    public function along(): Length
    {
        return $this->plan->job->top->along($this->plan->chosen());
    }

    public function across(): Length
    {
        return $this->plan->job->top->across($this->plan->chosen());
    }

    public function float(): FloatKind
    {
        return $this->plan->job->float();
    }

    public function system(End $end): HoldingSystem
    {
        return $this->plan->job->load->holdingAt($end);
    }

    /** What holds an end of the backing; none where nobody counted them. */
    public function pieces(End $end): Pieces
    {
        return new Pieces($this->system($end)->words(), $this->held->at($end)?->count() ?? 0);
    }

    public function isHeldBy(HoldingSystem $system): bool
    {
        return \in_array($system, [$this->system(End::Lead), $this->system(End::Tail)], true);
    }

    public function is(Purpose $purpose): bool
    {
        return $purpose === $this->habits->purpose;
    }

    public function isClamped(): bool
    {
        return FrameKind::Clamp === $this->kind();
    }

    public function isStretchy(): bool
    {
        return $this->plan->job->backing->kind->isStretchy();
    }

    /** A smooth or stretchy backing on which batting slides. */
    public function isSlippery(): bool
    {
        return $this->isStretchy() || (BackingKind::Wide === $this->plan->job->backing->kind && $this->isLarge());
    }

    public function isLarge(): bool
    {
        $cloth = $this->plan->chosenPlan()->backing->squaredUp;

        return Length::longest($cloth->across, $cloth->along)->isLongerThan(
            $this->practice->at(Distance::LargeBacking),
        );
    }

    /** The name of the top's own edge that lies there. */
    public function edgeAt(End $end): string
    {
        return $this->plan->job->top->edgeAt($this->plan->chosen(), $end)->value;
    }

    /** How much longer that edge is than the middle; not positive where there is nothing to work in. */
    public function fullnessAt(End $end): Length
    {
        $edge = $this->plan->top->edges[$this->plan->job->top->edgeAt($this->plan->chosen(), $end)->value];

        return EdgeVerdict::Flat === $edge->verdict() ? Length::zero() : $edge->edge->minus($edge->middle);
    }

    /** The seam across nearest the lead edge, where the top is aligned by one and one lies in the first bed. */
    public function alignmentSeam(): ?Length
    {
        $seams = $this->plan->job->top->seamsAlongRails($this->plan->chosen());
        if (Alignment::Seam !== $this->habits->alignment || [] === $seams) {
            return null;
        }
        $at = (new Places($this))->top()->plus($seams[0]->at);

        return $at->isShorterThan($this->plan->job->frame->bed()) ? $seams[0]->at : null;
    }

    /**
     * The pass at whose beginning the tail edge lies in the bed, where only pins and basting hold it; null where
     * something else holds it to the end.
     */
    public function lastHoldPass(): ?int
    {
        $isOnRoller = LastEdge::OnRoller === $this->habits->lastEdge && FloatKind::Full !== $this->float();
        if ($this->winding->isTurnedRound || $isOnRoller || $this->is(Purpose::Prebasted)) {
            return null;
        }
        $needed = $this->along()
            ->minus($this->plan->job->frame->bed())
            ->toMillimetres();
        foreach ($this->winding->winds as $wind) {
            if ($wind->pass->wound->toMillimetres() >= $needed) {
                return $wind->number;
            }
        }

        return $this->winding->count();
    }

    public function bastingStitches(): int
    {
        return match (true) {
            $this->is(Purpose::Basting) => $this->stitches->prebastingPerInch,
            BastingStitch::Long === $this->habits->stitch => $this->stitches->bastingPerInch,
            default => $this->stitches->quiltingPerInch,
        };
    }

    /** The word for the stitch's state while basting. */
    public function bastingState(): string
    {
        return match (true) {
            $this->is(Purpose::Basting) => 'large basting',
            BastingStitch::Long === $this->habits->stitch => 'basting',
            default => 'quilting',
        };
    }

    /** The foot that the quilting is done with. */
    public function chosenFoot(): ChosenFoot
    {
        return (new FootRule())->choose($this->plan->job);
    }

    public function foot(): string
    {
        return $this->chosenFoot()->foot->value;
    }

    /** Whether the lead edge has fullness that wants a disc foot, which is not on already, and there is one. */
    public function swapsFoot(): bool
    {
        return $this->fullnessAt(End::Lead)->isPositive() &&
            Foot::Disc !== $this->chosenFoot()->foot &&
            $this->plan->job->frame->fittings->machine->hasFoot(Foot::Disc);
    }

    public function wind(int $number): Wind
    {
        return $this->winding->at($number);
    }

    /**
     * Whether marks on the rail tell where the top wanders. A quilt that was basted before has no edge to watch; one
     * that is worked in sections lies elsewhere along the rail after every move, and goes by its last stitched line;
     * a top that lies whole in the first bed has nowhere to wander to.
     */
    public function hasMarks(): bool
    {
        return !$this->is(Purpose::Prebasted) && !$this->isInSections() && !$this->liesWholeInTheBed();
    }

    /** From the top's edge to a line that bastes it down. */
    public function inset(): Length
    {
        return $this->practice->at(Distance::BastingInset);
    }

    /** Between two lines of basting over the whole. */
    public function spacing(): Length
    {
        return $this->practice->at(Distance::BastingSpacing);
    }

    public function sideClamps(): SideClampPlan
    {
        return (new SideClampRule($this->practice))->plan($this->plan->job->frame);
    }

    /** Where stitches can be tried beside the top; null where there is no room. */
    public function testRoom(): ?TestRoom
    {
        return null === $this->plan->batting
            ? null
            : (new TestRoomRule($this->practice->clampBite))->room(
                $this->plan->chosenPlan()->backing->laid,
                $this->plan->batting,
                $this->across(),
            );
    }

    /** Whether the top is on its roller, in the way, when the batting is laid. */
    public function leavesAGap(): bool
    {
        return FloatKind::Full !== $this->float() && $this->habits->order->leavesAGap();
    }

    /** Whether backing, batting and top are held at the lead together, by what held the backing there before. */
    public function isHeldThrough(): bool
    {
        return FloatKind::None === $this->float() && !$this->isClamped() && !$this->is(Purpose::Prebasted);
    }

    /** Whether a seam along the backing, and not half its width, meets the centre of leaders and top. */
    public function meetsBySeam(): bool
    {
        return $this->habits->centreSeam &&
            [] !== $this->plan->job->backing->seamsRollerToRoller($this->plan->chosen());
    }

    /** Where the middle of every layer lies on the leaders. */
    public function mark(): Phrase
    {
        return 0 === $this->position->nanometres
            ? Phrase::of('the centre mark')
            : Phrase::of(
                'the mark %s to the ' . ($this->position->isNegative() ? 'left' : 'right'),
                Figure::measured($this->position->absolute()),
            );
    }

    /** How far a leader reaches beside the cloth at its wider side, where that is so much that it would fold in. */
    public function flap(): ?Length
    {
        $leader = $this->plan->job->frame->leaderWidth();
        if (null === $leader || $this->isClamped()) {
            return null;
        }
        $flap = $leader
            ->minus($this->plan->chosenPlan()->backing->squaredUp->across)
            ->half()
            ->plus($this->position->absolute());

        return $flap->isLongerThan($this->practice->at(Distance::Flap)) ? $flap : null;
    }

    /** Where the quilter stands; the second end can lie on a table only where there is one. */
    public function place(): LoadingPlace
    {
        return LoadingPlace::Table === $this->habits->place && false === $this->plan->job->frame->fittings->hasTable
            ? LoadingPlace::Rear
            : $this->habits->place;
    }

    /** Whether something keeps the machine on a straight line across. */
    public function hasLock(): bool
    {
        return ChannelLock::None !== $this->habits->lock;
    }

    /** Whether the far edge is basted by itself, before the sides. */
    public function bastesFarEdge(): bool
    {
        return FarEdge::None !== $this->habits->farEdge && !$this->isHeldThrough() && !$this->bastesInOneRun();
    }

    /**
     * Whether sides and far edge of the first bed are basted in one run; an edge with fullness or a shape wants its
     * own.
     */
    public function bastesInOneRun(): bool
    {
        return SideBasting::InOneRun === $this->habits->sides &&
            EdgeKind::Straight === $this->plan->job->top->edge &&
            !$this->fullnessAt(End::Lead)->isPositive() &&
            FarEdge::None !== $this->habits->farEdge &&
            !$this->isHeldThrough() &&
            !$this->isClamped();
    }

    /** Whether the tail edge is let down from its roller a hand at a time, where there is one. */
    public function walksLastEdge(): bool
    {
        return LastEdge::Walked === $this->habits->lastEdge && FloatKind::Full !== $this->float();
    }

    /** Whether a line is basted across the batting that all else is laid by: there has to be room for it. */
    public function hasReference(): bool
    {
        return BattingHold::Pinned !== $this->habits->batting &&
            !$this->isHeldThrough() &&
            (new Places($this))->reference()->isPositive();
    }

    /** Whether the layers go on as one, pinned at both ends on the table. */
    public function isPinnedTogether(): bool
    {
        return $this->isClamped() && !$this->is(Purpose::Prebasted);
    }

    /** What of the sides comes into the bed at an advance: a section that a pass begins with has one of them. */
    public function newSides(): string
    {
        return $this->isInSections() ? 'new side' : 'new sides';
    }

    public function isInSections(): bool
    {
        return \count($this->winding->sections) > 1;
    }

    /** Whether something has to be taken off the hanging end at every advance, and laid on again. */
    public function holdsHangingEnd(): bool
    {
        return !$this->isClamped() &&
            FloatKind::Full === $this->float() &&
            HangingEnd::Nothing !== $this->habits->hangingEnd &&
            !$this->is(Purpose::Prebasted) &&
            !$this->liesWholeInTheBed();
    }

    /** Whether the tail edge is in the bed from the beginning, so that nothing of the top hangs over the bar. */
    public function liesWholeInTheBed(): bool
    {
        return 1 === $this->lastHoldPass();
    }

    /** Whether every bed is basted all over, in lines that are picked again. */
    public function isBastedAllOver(): bool
    {
        return $this->is(Purpose::Quilting) &&
            !$this->isClamped() &&
            (BattingHold::AllOver === $this->habits->batting || $this->isSlippery());
    }

    /** What the bar nearest the quilter is called on this frame. */
    public function front(): string
    {
        return $this->isClamped() ? 'front pole' : 'front bar';
    }

    /** The way of this hand from the middle to both sides. */
    public function outward(): string
    {
        return "from the centre out, to the {$this->firstSide()} first";
    }

    /** The side on which this hand begins. */
    public function firstSide(): string
    {
        return Hand::Right === $this->body->hand ? 'right' : 'left';
    }

    /**
     * Where a line across begins that runs from end to end: so that the machine goes the way in which it stitches
     * better.
     */
    public function startsAt(): string
    {
        return match ($this->plan->job->frame->fittings->machine->better) {
            BetterWay::ToTheRight => 'left',
            BetterWay::ToTheLeft => 'right',
            BetterWay::Both => $this->firstSide(),
        };
    }
}
