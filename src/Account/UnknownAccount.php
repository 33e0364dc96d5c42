<?php

declare(strict_types=1);

namespace App\Account;

use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\PasswordHasher\Hasher\PasswordHasherFactoryInterface;
use Symfony\Component\Security\Core\Exception\UserNotFoundException;
use Symfony\Component\Security\Http\Event\LoginFailureEvent;

/** A try for an address that nobody has takes as long as one with a wrong password: the time must not tell. */
#[AsEventListener]
final readonly class UnknownAccount
{
    public function __construct(private PasswordHasherFactoryInterface $hashers) {}

    public function __invoke(LoginFailureEvent $event): void
    {
        if ($event->getException()->getPrevious() instanceof UserNotFoundException) {
            $this->hashers->getPasswordHasher(Person::class)->hash('nobody has this password');
        }
    }
}
