<?php

declare(strict_types=1);

namespace Schwung\Core\Direction;

/** Why a quilt cannot be loaded one way round on this frame; the value is also the code of its finding. */
enum Blocker: string
{
    case Reach = 'reach';
    case Leader = 'leader';
    case Row = 'row';
    case Roll = 'roll';
}
