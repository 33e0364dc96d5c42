<?php

declare(strict_types=1);

namespace Schwung\Core\Advance;

/** The ways to move a quilt that is worked in sections. */
enum MoveKind: string
{
    case Sideways = 'sideways';
    case Forward = 'forward';
}
