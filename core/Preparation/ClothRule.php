<?php

declare(strict_types=1);

namespace Schwung\Core\Preparation;

use Schwung\Core\Material\Direction;
use Schwung\Core\Material\Stretch;
use Schwung\Core\Measure\Length;
use Schwung\Core\Plan\Plan;
use Schwung\Core\Sizing\EdgeFullness;
use Schwung\Core\Tension\ClothFacts;
use Schwung\Core\Tension\SeamLie;

/** What a plan knows of the cloth, as it will be when the batting is laid. */
final readonly class ClothRule
{
    /** What squaring up costs a backing that still counts as square. */
    private const SQUARE_INCHES = 0.5;

    public function facts(Plan $plan, \DateTimeImmutable $at): ClothFacts
    {
        $job = $plan->job;
        $opened = $job->batting?->opened;
        $shares = array_map(static fn(EdgeFullness $edge): float => $edge->share(), $plan->top->edges);

        return new ClothFacts(
            backingKind: $job->backing->kind,
            battingKind: $job->batting?->kind,
            battingRestHours: null === $opened
                ? null
                : max(0.0, ($at->getTimestamp() - $opened->getTimestamp()) / 3600),
            stretch: $this->stretch($plan),
            seam: $this->seam($plan),
            backingSquared: $this->isSquared($plan),
            fullnessPercent: max(0.0, 100 * max($shares)),
            quiltSize: [$job->top->across($plan->chosen()), $job->top->along($plan->chosen())],
        );
    }

    private function stretch(Plan $plan): Stretch
    {
        $measured = $plan->job->backing->stretch;

        return Direction::AsIs === $plan->chosen() ? $measured : $measured->turned();
    }

    private function seam(Plan $plan): SeamLie
    {
        return match (true) {
            [] === $plan->job->backing->seams => SeamLie::None,
            [] !== $plan->job->backing->seamsRollerToRoller($plan->chosen()) => SeamLie::RollerToRoller,
            default => SeamLie::AlongRails,
        };
    }

    private function isSquared(Plan $plan): ?bool
    {
        $lost = Length::longest($plan->cloth->lostAcross($plan->squaredUp), $plan->cloth->lostAlong($plan->squaredUp));

        return $plan->cloth->isSquareKnown ? !$lost->isLongerThan(Length::inches(self::SQUARE_INCHES)) : null;
    }
}
