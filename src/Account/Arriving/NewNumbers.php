<?php

declare(strict_types=1);

namespace App\Account\Arriving;

use Symfony\Component\Uid\Ulid;

/**
 * Gives every record of an archive a number of its own here, so that one studio can be taken in twice beside itself.
 *
 * The time in a number stays, and numbers of the same time keep their order: lists that go by it stay as they were.
 */
final class NewNumbers
{
    /** @var array<string, string> 26 letters each, new by old */
    private array $known = [];
    private readonly string $shift;

    public function __construct()
    {
        $this->shift = random_bytes(10);
    }

    public function meet(string $old): void
    {
        $this->known[$old] ??= (string) Ulid::fromBinary($this->shifted(Ulid::fromString($old)->toBinary()));
    }

    public function know(string $old, string $new): void
    {
        $this->known[$old] = $new;
    }

    public function of(string $old): ?string
    {
        return $this->known[$old] ?? null;
    }

    /** A text with every number in it that is known. */
    public function in(string $text): string
    {
        return (string) preg_replace_callback(
            '/(?<![0-9A-Za-z])[0-7][0-9A-HJKMNP-TV-Z]{25}(?![0-9A-Za-z])/',
            fn(array $found): string => $this->known[$found[0]] ?? $found[0],
            $text,
        );
    }

    private function shifted(string $bytes): string
    {
        $carry = 0;
        for ($at = 15; $at >= 6; --$at) {
            $sum = \ord($bytes[$at]) + \ord($this->shift[$at - 6]) + $carry;
            $bytes[$at] = \chr($sum % 256);
            $carry = $sum >> 8;
        }

        return $bytes;
    }
}
