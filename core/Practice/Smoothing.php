<?php

declare(strict_types=1);

namespace Schwung\Core\Practice;

/** What the hands do to the backing while it is wound. */
enum Smoothing: string implements School
{
    case Outward = 'from-centre';
    case Never = 'never';

    public function words(): string
    {
        return match ($this) {
            self::Outward => 'smoothed from the centre out',
            self::Never => 'never spread with the hands',
        };
    }

    public function reason(): string
    {
        return match ($this) {
            self::Outward => 'a ripple that is wound in stays in',
            self::Never => 'hands stretch cloth where they press; the roller draws it even',
        };
    }
}
