<?php

declare(strict_types=1);

namespace App\Platform;

/** Where somebody is to be led back to: only a path of this application, never another place. */
final class OwnPath
{
    public static function of(string $text, string $otherwise): string
    {
        return 1 === preg_match('~^/(?![/\\\\])[!-\~]{0,500}$~', $text) ? $text : $otherwise;
    }
}
