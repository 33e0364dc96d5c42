<?php

declare(strict_types=1);

namespace Schwung\Core\Loading;

/** What is read at a step. */
enum ReadingKind: string
{
    case None = 'none';
    case Register = 'register';
    case Firmness = 'firmness';
    case Release = 'release';
    case Straightness = 'straightness';
}
