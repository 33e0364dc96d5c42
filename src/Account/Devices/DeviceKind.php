<?php

declare(strict_types=1);

namespace App\Account\Devices;

/** What somebody sits at, as far as a browser tells; a guess, for a list that people recognise their own in. */
enum DeviceKind: string
{
    case Phone = 'phone';
    case Tablet = 'tablet';
    case Computer = 'computer';

    public static function of(string $userAgent): self
    {
        return match (true) {
            1 === preg_match('~tablet|ipad|android(?!.*mobile)~i', $userAgent) => self::Tablet,
            1 === preg_match('~mobi|phone~i', $userAgent) => self::Phone,
            default => self::Computer,
        };
    }
}
