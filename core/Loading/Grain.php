<?php

declare(strict_types=1);

namespace Schwung\Core\Loading;

/** How finely an advance is told: in its single steps, in two, or in one, as the number of passes allows. */
enum Grain
{
    case Fine;
    case Middle;
    case Coarse;
}
