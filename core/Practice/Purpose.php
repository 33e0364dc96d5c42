<?php

declare(strict_types=1);

namespace Schwung\Core\Practice;

/** What a quilt is on the frame for: to be quilted, only to be basted and taken off, or to be quilted after it was basted. */
enum Purpose: string
{
    case Quilting = 'quilting';
    case Basting = 'basting';
    case Prebasted = 'prebasted';
}
