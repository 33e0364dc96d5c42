<?php

declare(strict_types=1);

namespace App\Account\Transfer;

use Symfony\Component\Uid\Ulid;

/** A studio is to be written out, or taken in. */
final readonly class TransferAsked
{
    public function __construct(public Ulid $transfer) {}
}
