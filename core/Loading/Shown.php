<?php

declare(strict_types=1);

namespace Schwung\Core\Loading;

/** The part of the drawing that a step needs. */
enum Shown: string
{
    case Bed = 'bed';
    case LeadRail = 'lead-rail';
    case TailRail = 'tail-rail';
    case TopRail = 'top-rail';
    case Side = 'side';
    case Basting = 'basting';
    case Pass = 'pass';
}
