<?php

declare(strict_types=1);

namespace Schwung\Core\Sizing;

use Schwung\Core\Job\ExtensionLayout;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\Rounding;
use Schwung\Core\Practice\Distance;
use Schwung\Core\Practice\Practice;

/**
 * Rule 5, first half: strips for a backing that is too short, cut for its squared-up size.
 *
 * Lead and tail strips come first, because their seams lie along the rails; side strips make seams that wind on
 * themselves and stay out under the clamps. Cut width = what the strip adds, to the next quarter inch, and a seam
 * allowance on both sides.
 */
final readonly class Extension
{
    public function __construct(private Practice $practice) {}

    public function plan(
        Fit $squaredUp,
        Length $requiredAcross,
        Length $requiredAlong,
        ExtensionLayout $layout,
    ): ExtensionPlan {
        $strips = [];
        [$across, $along] = [$squaredUp->across, $squaredUp->along];
        $shortAlong = $requiredAlong->minus($along);
        if ($shortAlong->isPositive()) {
            $strips[] = $strip = $this->strip(
                $shortAlong,
                $across,
                ExtensionLayout::BothEnds === $layout ? ['lead', 'tail'] : ['tail'],
            );
            $along = $along->plus($strip->adds->times($strip->count()));
        }
        $shortAcross = $requiredAcross->minus($across);
        if ($shortAcross->isPositive()) {
            $strips[] = $strip = $this->strip(
                $shortAcross,
                $along,
                ExtensionLayout::BothEnds === $layout ? ['left', 'right'] : ['right'],
            );
            $across = $across->plus($strip->adds->times($strip->count()));
        }

        return new ExtensionPlan($strips, $across, $along);
    }

    /** @param non-empty-list<'lead'|'tail'|'left'|'right'> $edges */
    private function strip(Length $shortfall, Length $length, array $edges): Strip
    {
        $share = $shortfall->scaledBy(1, \count($edges));
        $adds = $share->roundedTo($this->practice->at(Distance::StripStep), Rounding::Up);

        return new Strip($edges, $adds, $adds->plus($this->practice->seamAllowance->times(2)), $length);
    }
}
