<?php

declare(strict_types=1);

namespace Schwung\Core\Loading;

use Schwung\Core\Advance\Wind;
use Schwung\Core\Frame\FrameMeasure;
use Schwung\Core\Practice\ClampTime;
use Schwung\Core\Practice\LayerOrder;
use Schwung\Core\Practice\Purpose;

/**
 * Makes the steps of one load, in the order of the work.
 *
 * Advances are told as finely as MOST steps allow; a quilt of very many passes takes the coarsest, and more. Every step
 * is reached with the frame in the state that it needs, or the Sequence refuses it.
 */
final readonly class StepRule
{
    /** What a person at a frame still looks through. */
    private const MOST = 69;
    /** So many steps more an advance takes where it is told in its single steps. */
    private const MORE_IF_FINE = 3;

    public function steps(Setup $setup): StepList
    {
        $middle = $this->at(Grain::Middle, $setup);
        $advances = \count(
            array_filter(
                $setup->winding->winds,
                static fn(Wind $wind): bool => $wind->number > 1 && !$wind->turnsBefore,
            ),
        );

        return match (true) {
            $middle->count() + self::MORE_IF_FINE * $advances <= self::MOST => $this->at(Grain::Fine, $setup),
            $middle->count() <= self::MOST => $middle,
            default => $this->at(Grain::Coarse, $setup),
        };
    }

    private function at(Grain $grain, Setup $setup): StepList
    {
        $sequence = new Sequence(
            FrameState::between($setup->kind()),
            ClothState::bare(
                $setup->plan->job->frame->bed(),
                $setup->plan->chosenPlan()->backing->squaredUp->along,
                $setup->plan->job->frame->at(FrameMeasure::RollerToBar),
            ),
        );
        (new ReadySteps())->addTo($sequence, $setup);
        if ($setup->isClamped()) {
            (new ClampFrameSteps())->addTo($sequence, $setup);
        } else {
            $this->load($sequence, $setup);
        }
        (new SideClampSteps())->addTo($sequence, $setup);
        (new PassSteps($grain))->addTo($sequence, $setup);
        (new OffSteps())->addTo($sequence, $setup);

        return $sequence->list();
    }

    private function load(Sequence $sequence, Setup $setup): void
    {
        if ($setup->is(Purpose::Prebasted)) {
            (new BackingSteps())->addTo($sequence, $setup);
            (new PrebastedSteps())->addTo($sequence, $setup);

            return;
        }
        $order = $setup->habits->order;
        $topRoller = new TopRollerSteps();
        if (LayerOrder::TopFirst === $order) {
            $topRoller->addTo($sequence, $setup);
        }
        (new BackingSteps())->addTo($sequence, $setup);
        if (LayerOrder::RollThenGap === $order) {
            $topRoller->addTo($sequence, $setup);
        }
        if (ClampTime::BeforeBatting === $setup->habits->clampTime) {
            $sequence->add((new SideClampSteps())->clamp($setup));
        }
        (new BattingSteps())->addTo($sequence, $setup);
        if (!$order->leavesAGap()) {
            $topRoller->addTo($sequence, $setup);
        }
        (new TopSteps())->addTo($sequence, $setup);
    }
}
