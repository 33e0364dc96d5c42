<?php

declare(strict_types=1);

namespace App\Account\Password;

use App\Account\Person;

#[GoodPassword]
final class NewPassword implements OwnWords
{
    public string $password = '';

    /** @param list<string> $ownWords */
    public function __construct(private readonly array $ownWords) {}

    public static function of(Person $person): self
    {
        return new self([$person->name(), $person->email(), $person->studio()->name()]);
    }

    public function password(): string
    {
        return $this->password;
    }

    public function ownWords(): array
    {
        return $this->ownWords;
    }
}
