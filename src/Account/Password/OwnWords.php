<?php

declare(strict_types=1);

namespace App\Account\Password;

/** Something with a new password in it, that knows which words are the person's own. */
interface OwnWords
{
    public function password(): string;

    /** @return list<string> names and addresses that somebody who knows the person would try */
    public function ownWords(): array;
}
