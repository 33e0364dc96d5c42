<?php

declare(strict_types=1);

namespace App\Account\Address;

/** Somebody has typed an address and wants a new password; whether anybody has it is looked up while nobody waits. */
final readonly class PasswordForgotten
{
    /** @param string $from the address that the request came from */
    public function __construct(public string $email, public string $from) {}
}
