<?php

declare(strict_types=1);

namespace Schwung\Core\Practice;

/** How the side edges of the backing wind on. */
enum EdgeRun: string implements School
{
    case Stacked = 'stacked';
    case Wandering = 'wandering';

    public function words(): string
    {
        return match ($this) {
            self::Stacked => 'each turn over the last',
            self::Wandering => 'may wander',
        };
    }

    public function reason(): string
    {
        return match ($this) {
            self::Stacked => 'edges that stack show that the cloth runs straight',
            self::Wandering => 'a cut edge is seldom straight; the grain is, and that winds true by itself',
        };
    }
}
