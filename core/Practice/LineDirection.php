<?php

declare(strict_types=1);

namespace Schwung\Core\Practice;

/** Which way a straight line across is basted. */
enum LineDirection: string implements School
{
    case FromCentre = 'from-centre';
    case EndToEnd = 'end-to-end';

    public function words(): string
    {
        return match ($this) {
            self::FromCentre => 'from the centre to each side',
            self::EndToEnd => 'from one end to the other',
        };
    }

    public function reason(): string
    {
        return match ($this) {
            self::FromCentre => 'what creeps is halved, and ends at the sides',
            self::EndToEnd => 'a machine that stitches better one way does so all along',
        };
    }
}
