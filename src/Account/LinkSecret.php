<?php

declare(strict_types=1);

namespace App\Account;

/** What makes a link unguessable: 32 bytes in 43 letters of an address; of random ones only the hash is kept. */
final class LinkSecret
{
    public const PATTERN = '[A-Za-z0-9_-]{43}';

    public static function make(): string
    {
        return self::spelled(random_bytes(32));
    }

    /** @param string $bytes 32 */
    public static function spelled(#[\SensitiveParameter] string $bytes): string
    {
        return rtrim(strtr(base64_encode($bytes), '+/', '-_'), '=');
    }

    public static function hash(#[\SensitiveParameter] string $secret): string
    {
        return hash('sha256', $secret);
    }
}
