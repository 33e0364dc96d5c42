<?php

declare(strict_types=1);

namespace App\Account;

use Doctrine\ORM\Mapping as ORM;

/** A record behind a link that somebody was given: only a hash of the secret is kept, and it opens for a time. */
trait OpensByLink
{
    #[ORM\Column(length: 64)]
    private string $secretHash;

    #[ORM\Column]
    private \DateTimeImmutable $expires;

    public function expires(): \DateTimeImmutable
    {
        return $this->expires;
    }

    public function isOpenedBy(#[\SensitiveParameter] string $secret, \DateTimeImmutable $now): bool
    {
        return hash_equals($this->secretHash, LinkSecret::hash($secret)) && $now < $this->expires;
    }

    private function openBy(#[\SensitiveParameter] string $secret, \DateTimeImmutable $until): void
    {
        $this->secretHash = LinkSecret::hash($secret);
        $this->expires = $until;
    }
}
