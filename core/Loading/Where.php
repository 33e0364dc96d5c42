<?php

declare(strict_types=1);

namespace Schwung\Core\Loading;

/** Where the pieces of a hold are; what is on a roller under cloth cannot be reached. */
enum Where: string
{
    case Rail = 'rail';
    case Roller = 'roller';
    case Bed = 'bed';
}
