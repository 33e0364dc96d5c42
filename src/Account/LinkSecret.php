<?php

declare(strict_types=1);

namespace App\Account;

/** What makes a link unguessable: 32 random bytes in 43 letters of an address; only its hash is kept. */
final class LinkSecret
{
    public const PATTERN = '[A-Za-z0-9_-]{43}';

    public static function make(): string
    {
        return rtrim(strtr(base64_encode(random_bytes(32)), '+/', '-_'), '=');
    }

    public static function hash(#[\SensitiveParameter] string $secret): string
    {
        return hash('sha256', $secret);
    }
}
