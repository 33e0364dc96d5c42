<?php

declare(strict_types=1);

namespace Schwung\Core\Preparation;

use Schwung\Core\Job\Desk;
use Schwung\Core\Job\DirectionWish;
use Schwung\Core\Job\Mend;
use Schwung\Core\Material\Backing;
use Schwung\Core\Plan\Plan;
use Schwung\Core\Plan\Planner;
use Schwung\Core\Practice\Practice;
use Schwung\Core\Sizing\BackingState;
use Schwung\Core\Sizing\Extension;
use Schwung\Core\Sizing\ExtensionPlan;
use Schwung\Core\Sizing\Mending;
use Schwung\Core\Sizing\Piecing;
use Schwung\Core\Sizing\PiecingPlan;

/** Rule 5 with what was kept at the desk: the strips or cuts of the mend in force, and the plan of the mended cloth. */
final readonly class MendRule
{
    public function __construct(private Practice $practice) {}

    public function mend(Plan $plan, Desk $desk): Mended
    {
        if (BackingState::Fits === $plan->chosenPlan()->backing->state()) {
            return new Mended();
        }
        $extension = Mend::Extend === $desk->mend ? $this->extension($plan, $desk) : null;
        $piecings = Mend::Piece === $desk->mend ? $this->piecings($plan, $desk) : [];
        $backing = $this->backing($plan, $desk->mend, $extension, $piecings[0] ?? null);

        return new Mended(
            $desk->mend,
            $extension,
            $piecings,
            null === $backing ? null : $this->planned($plan, $backing),
        );
    }

    private function extension(Plan $plan, Desk $desk): ExtensionPlan
    {
        $check = $plan->chosenPlan()->backing;

        return (new Extension($this->practice))->plan(
            $check->squaredUp,
            $check->required->across->length(),
            $check->required->along->length(),
            $desk->strips,
        );
    }

    /** @return list<PiecingPlan> empty while no bolt is given */
    private function piecings(Plan $plan, Desk $desk): array
    {
        $backing = $plan->job->backing;
        $required = $plan->chosenPlan()->backing->required;
        $repeat = true === $desk->repeat?->isPositive() ? $desk->repeat : null;

        return null === $backing->bolt
            ? []
            : (new Piecing($this->practice, $plan->job->units))->plans(
                $required->across->length(),
                $required->along->length(),
                $backing->bolt,
                $backing->directional,
                $plan->chosen(),
                $repeat,
            );
    }

    private function backing(Plan $plan, Mend $mend, ?ExtensionPlan $extension, ?PiecingPlan $piecing): ?Backing
    {
        $required = $plan->chosenPlan()->backing->required;
        [$across, $along] = [$required->across->length(), $required->along->length()];
        $mending = new Mending();

        return match (true) {
            null !== $extension => $mending->extended($plan->job->backing, $extension, $plan->chosen()),
            null !== $piecing => $mending->pieced($plan->job->backing, $piecing, $across, $along, $plan->chosen()),
            Mend::Piece === $mend => $mending->renewed($plan->job->backing, $across, $along, $plan->chosen()),
            default => null,
        };
    }

    /** The same quilt the same way round: what is cut for one way does not turn the quilt. */
    private function planned(Plan $plan, Backing $backing): Plan
    {
        $load = $plan->job->load->withDirection(DirectionWish::from($plan->chosen()->value));

        return (new Planner($this->practice))->plan($plan->job->withBacking($backing)->withLoad($load));
    }
}
