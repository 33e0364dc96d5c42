<?php

declare(strict_types=1);

namespace App\Account\SecondStep;

use Symfony\Component\DependencyInjection\Attribute\Autowire;

/** Keeps a key so that a copy of the database alone does not give it away where the secret stands elsewhere. */
final readonly class Seal
{
    public function __construct(#[Autowire('%kernel.secret%'), \SensitiveParameter] private string $secret) {}

    public function close(#[\SensitiveParameter] string $open): string
    {
        $nonce = random_bytes(\SODIUM_CRYPTO_SECRETBOX_NONCEBYTES);

        return base64_encode($nonce . sodium_crypto_secretbox($open, $nonce, $this->key()));
    }

    /** Null where it was sealed under another secret, or is none of ours. */
    public function open(string $sealed): ?string
    {
        $raw = base64_decode($sealed, true);
        if (false === $raw || \strlen($raw) <= \SODIUM_CRYPTO_SECRETBOX_NONCEBYTES) {
            return null;
        }
        $nonce = substr($raw, 0, \SODIUM_CRYPTO_SECRETBOX_NONCEBYTES);
        $open = sodium_crypto_secretbox_open(substr($raw, \strlen($nonce)), $nonce, $this->key());

        return false === $open ? null : $open;
    }

    private function key(): string
    {
        return hash_hkdf('sha256', $this->secret, \SODIUM_CRYPTO_SECRETBOX_KEYBYTES, 'second step');
    }
}
