<?php

declare(strict_types=1);

namespace Schwung\Core\Preparation;

use Schwung\Core\Job\DirectionWish;
use Schwung\Core\Material\Direction;

/**
 * Keeps a quilt lying the way it lay when something is chosen that is no matter of the way round: what was measured,
 * cut and thought of so far was for that way. The other way is proposed, never slipped in.
 */
final readonly class KeptWay
{
    /**
     * The way that has to be asked for from now on, so that the quilt does not turn; null where it does not turn
     * anyway.
     */
    public function toKeep(Preparation $before, Preparation $after): ?Direction
    {
        $wish = $after->known->parts->load?->wish();
        if (
            null === $before->plan() ||
            null === $after->plan() ||
            DirectionWish::Auto !== $wish ||
            DirectionWish::Auto !== $before->known->parts->load?->wish()
        ) {
            return null;
        }

        return $before->direction() === $after->direction() ? null : $before->direction();
    }
}
