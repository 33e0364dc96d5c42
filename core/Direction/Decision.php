<?php

declare(strict_types=1);

namespace Schwung\Core\Direction;

/** What settled the way round: the quilter's wish, the first criterion that differs (rule 13), or nothing at all. */
enum Decision: string
{
    case Asked = 'asked';
    case Loads = 'loads';
    case Backing = 'backing';
    case Stretch = 'stretch';
    case Directional = 'directional';
    case Sections = 'sections';
    case Stops = 'stops';
    case Ridge = 'ridge';
    case Passes = 'passes';
    case Seam = 'seam';
    case Roll = 'roll';
    case Tie = 'tie';
}
