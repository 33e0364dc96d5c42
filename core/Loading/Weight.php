<?php

declare(strict_types=1);

namespace Schwung\Core\Loading;

/** Whether a step can be left out: one that must not spoils the quilt or hurts someone, one of habit is a school's. */
enum Weight: string
{
    case Must = 'must';
    case Habit = 'habit';
}
