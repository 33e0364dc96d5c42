<?php

declare(strict_types=1);

namespace Schwung\Core\Plan;

enum Level: string
{
    case Info = 'info';
    case Warning = 'warning';
    case Error = 'error';
}
