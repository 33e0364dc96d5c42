<?php

declare(strict_types=1);

namespace Schwung\Core\Practice;

/** Whether the backing is pulled toward its sides while it is wound. */
enum Tug: string implements School
{
    case Never = 'never';
    case WideOnly = 'one-piece-wide';

    public function words(): string
    {
        return match ($this) {
            self::Never => 'never pulled sideways',
            self::WideOnly => 'a wide one in one piece, a little',
        };
    }

    public function reason(): string
    {
        return match ($this) {
            self::Never => 'seams and loose weaves give where they are pulled',
            self::WideOnly => 'a wide cloth off the bolt keeps a fold in its middle; pieced ones are left alone',
        };
    }
}
