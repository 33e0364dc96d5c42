<?php

declare(strict_types=1);

namespace Schwung\Core\Advance;

/** What can be done about passes that cannot be made, or about blocks that they cut. */
enum ProposalKind: string
{
    case SmallerRows = 'smaller-rows';
    case OtherFinish = 'other-finish';
    case Turn = 'turn';
    case TurnRound = 'turn-round';
    case BordersLast = 'borders-last';
    case ThinnerBatting = 'thinner-batting';

    /** Another batting has to be bought before it can be tried on. */
    public function canBeTried(): bool
    {
        return self::ThinnerBatting !== $this;
    }
}
