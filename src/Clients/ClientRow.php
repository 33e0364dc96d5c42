<?php

declare(strict_types=1);

namespace App\Clients;

use Symfony\Component\Uid\Ulid;

/** A client as the list shows them. */
final readonly class ClientRow
{
    public function __construct(
        public Ulid $id,
        public string $name,
        public string $email,
        public string $phone,
        public int $quilts,
        public int $here,
    ) {}
}
