<?php

declare(strict_types=1);

namespace App\Account\SecondStep;

use Symfony\Component\Security\Core\Exception\AuthenticationException;

/** The password was right, and a code is still wanted. */
final class SecondStepNeeded extends AuthenticationException
{
    public function getMessageKey(): string
    {
        return 'Your password is right. Give the code that your phone shows.';
    }
}
