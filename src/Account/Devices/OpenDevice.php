<?php

declare(strict_types=1);

namespace App\Account\Devices;

/** A device that still gets in, and when it was seen last, to about five minutes. */
final readonly class OpenDevice
{
    public function __construct(public SignedIn $device, public \DateTimeImmutable $seen, public bool $isHere) {}
}
