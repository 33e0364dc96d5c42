<?php

declare(strict_types=1);

namespace App\Account\SecondStep;

/**
 * The code of six digits that an app on somebody's phone shows for thirty seconds: RFC 6238 over HMAC-SHA-1 (RFC 4226),
 * as every such app does by default.
 */
final readonly class Totp
{
    private const SECONDS = 30;
    private const DIGITS = 6;
    private const BYTES = 20;
    private const LETTERS = 'ABCDEFGHIJKLMNOPQRSTUVWXYZ234567';

    /** @param string $key raw bytes */
    private function __construct(public string $key) {}

    public static function make(): self
    {
        return new self(random_bytes(self::BYTES));
    }

    /** @param string $key raw bytes */
    public static function of(#[\SensitiveParameter] string $key): self
    {
        return new self($key);
    }

    public static function span(\DateTimeImmutable $now): int
    {
        return intdiv($now->getTimestamp(), self::SECONDS);
    }

    /** @param positive-int $digits */
    public function code(int $span, int $digits = self::DIGITS): string
    {
        $hash = hash_hmac('sha1', pack('J', $span), $this->key, true);
        $words = unpack('N', substr($hash, \ord($hash[19]) & 15, 4));
        \assert(\is_array($words) && \is_int($words[1]));

        return str_pad((string) (($words[1] & 2_147_483_647) % 10 ** $digits), $digits, '0', \STR_PAD_LEFT);
    }

    /** The span whose code it is: this one, or its neighbour where a clock is off; null where it is none of them. */
    public function spanOf(string $code, \DateTimeImmutable $now): ?int
    {
        foreach ([0, -1, 1] as $off) {
            $span = self::span($now) + $off;
            if (hash_equals($this->code($span), $code)) {
                return $span;
            }
        }

        return null;
    }

    /** As it is typed into an app: base32 (RFC 4648) without padding. */
    public function text(): string
    {
        $bits = '';
        foreach (str_split($this->key) as $byte) {
            $bits .= str_pad(decbin(\ord($byte)), 8, '0', \STR_PAD_LEFT);
        }

        return implode(
            '',
            array_map(
                static fn(string $five): string => self::LETTERS[(int) bindec(str_pad($five, 5, '0'))],
                str_split($bits, 5),
            ),
        );
    }

    /** As an app reads it from a picture. */
    public function address(string $studio, string $email): string
    {
        return \sprintf(
            'otpauth://totp/%s:%s?%s',
            rawurlencode($studio),
            rawurlencode($email),
            http_build_query(['secret' => $this->text(), 'issuer' => $studio], encoding_type: \PHP_QUERY_RFC3986),
        );
    }
}
