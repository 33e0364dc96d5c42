<?php

declare(strict_types=1);

namespace App\Account\SecondStep;

/** Codes for the day on which the phone is lost: almost sixty bits each, written down once, each good for one time. */
final readonly class RecoveryCodes
{
    private const COUNT = 10;
    /** Without what is easily misread: no i, l, o, u, no 0 and 1. */
    private const LETTERS = 'abcdefghjkmnpqrstvwxyz23456789';

    /** @return list<string> like "k7mq-2xwd-9rtp" */
    public static function make(): array
    {
        return array_map(
            static fn(): string => implode('-', [self::word(), self::word(), self::word()]),
            range(1, self::COUNT),
        );
    }

    /** However somebody types one: capitals, spaces and dashes do not matter. */
    public static function hash(#[\SensitiveParameter] string $code): string
    {
        return hash('sha256', (string) preg_replace('~[^a-z0-9]~', '', strtolower($code)));
    }

    private static function word(): string
    {
        $word = '';
        for ($letter = 0; $letter < 4; ++$letter) {
            $word .= self::LETTERS[random_int(0, \strlen(self::LETTERS) - 1)];
        }

        return $word;
    }
}
