<?php

declare(strict_types=1);

namespace Schwung\Core\Direction;

/** What settled the way round. */
enum Decision: string
{
    case Asked = 'asked';
    case Backing = 'backing';
    case Tie = 'tie';
}
