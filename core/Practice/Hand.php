<?php

declare(strict_types=1);

namespace Schwung\Core\Practice;

/** The hand that sets the pins: a right-handed person works from the centre to the right first. */
enum Hand: string
{
    case Right = 'right';
    case Left = 'left';
}
