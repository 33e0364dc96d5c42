<?php

declare(strict_types=1);

namespace Schwung\Core\Loading;

use Schwung\Core\Measure\Worded;

/** How long a quilt will stay on its frame without work. */
enum ParkFor: string implements Worded
{
    case Overnight = 'overnight';
    case Days = 'days';
    case Weeks = 'weeks';

    public function words(): string
    {
        return match ($this) {
            self::Overnight => 'overnight',
            self::Days => 'for some days',
            self::Weeks => 'for weeks',
        };
    }

    /** @return list<Setting> how the frame stands meanwhile */
    public function leaves(): array
    {
        return [
            new Setting(StatePart::SideClamps, 'off'),
            ...self::Overnight === $this ? [] : [new Setting(StatePart::Firmness, 'slack')],
        ];
    }
}
