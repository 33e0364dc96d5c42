<?php

declare(strict_types=1);

namespace Schwung\Core\Loading;

use Schwung\Core\Frame\HoldingSystem;
use Schwung\Core\Material\End;
use Schwung\Core\Measure\Length;
use Schwung\Core\Practice\Distance;
use Schwung\Core\Practice\EndStop;

/**
 * Where layers and lines lie on a load, as distances from the lead hold toward the quilter: the top at the laid lead
 * margin less what the hold uses up (at the hold, where all layers go through it), the reference line a step before
 * it, the batting over the top's edge by what rule 6 asks for and half of what is left over, the far edge an eighth
 * inside.
 */
final readonly class Places
{
    public function __construct(private Setup $setup) {}

    /** Of the lead hold from the leveller bar; magnets stand behind it, off the bar. */
    public function hold(): Length
    {
        $inch = $this->setup->practice->at(Distance::LeadHold);

        return HoldingSystem::Magnets === $this->setup->system(End::Lead) ? $inch->negated() : $inch;
    }

    /** From the front bar to where the lead end lies while it is attached: the middle of the bed is within reach. */
    public function leadStop(): Length
    {
        $bed = $this->setup->plan->job->frame->bed();

        return match ($this->setup->habits->stop) {
            EndStop::Reach => Length::shortest($bed->half(), $this->setup->body->reach ?? $bed),
            EndStop::ShortOfBar => $bed->minus($this->shortOfBar()),
            EndStop::Well => $bed,
        };
    }

    /** How much of the tail end hangs before the front bar while it is attached; negative where it lies behind it. */
    public function tailStop(): Length
    {
        return match ($this->setup->habits->stop) {
            EndStop::Reach => $this->setup->practice->at(Distance::HangingEnd),
            EndStop::ShortOfBar => $this->shortOfBar()->negated(),
            EndStop::Well => Length::zero(),
        };
    }

    public function shortOfBar(): Length
    {
        return $this->setup->practice->at(Distance::ShortOfBar);
    }

    /** The cloth from the leveller bar to its hanging tail end. */
    public function notYetWound(): Length
    {
        return $this->setup->plan->job->frame->bed()->plus($this->tailStop());
    }

    public function top(): Length
    {
        if ($this->setup->isHeldThrough()) {
            return Length::zero();
        }
        $grip = $this->setup->practice->grip($this->setup->system(End::Lead), End::Lead);

        return Length::longest(
            Length::zero(),
            $this->setup->plan->chosenPlan()->backing->laid->freeAt(End::Lead, $grip),
        );
    }

    public function reference(): Length
    {
        return Length::longest(Length::zero(), $this->top()->minus((new BastingRule())->referenceBefore($this->setup)));
    }

    public function batting(): Length
    {
        $check = $this->setup->plan->batting;
        $over = $check?->requiredAlong->terms[1]->amount->length ?? Length::zero();
        $spare = null === $check ? Length::zero() : $check->missingAlong()->negated();
        $before = $over->plus($spare->isPositive() ? $spare->half() : Length::zero());

        return Length::shortest(
            $this->top(),
            Length::longest($this->setup->practice->at(Distance::BattingBelowHold), $this->top()->minus($before)),
        );
    }

    /** Of the top before the front bar, the first bed lying as it is laid. */
    public function hanging(): Length
    {
        $inBed = $this->setup->plan->job->frame->bed()->minus($this->hold())->minus($this->top());

        return Length::longest(Length::zero(), $this->setup->along()->minus($inBed));
    }

    public function farEdge(): Length
    {
        return $this->top()->plus($this->setup->inset());
    }

    /** Of the seam that the top is aligned by; where none is known, of its edge. */
    public function alignment(): Length
    {
        return $this->top()->plus($this->setup->alignmentSeam() ?? Length::zero());
    }
}
