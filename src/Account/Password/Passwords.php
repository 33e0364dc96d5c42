<?php

declare(strict_types=1);

namespace App\Account\Password;

use App\Account\Address\AccountLetters;
use App\Account\Address\AccountLinkRepository;
use App\Account\Devices\SignedInRepository;
use App\Account\Person;
use App\Audit\AuditLog;
use App\Audit\Happening;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\PasswordHasher\Hasher\UserPasswordHasherInterface;

/**
 * Gives a person another password: every other device is signed out, no link of before opens anything, and it is
 * told.
 */
final readonly class Passwords
{
    public function __construct(
        private EntityManagerInterface $entities,
        private UserPasswordHasherInterface $hasher,
        private SignedInRepository $devices,
        private AccountLinkRepository $links,
        private AuditLog $log,
        private AccountLetters $letters,
    ) {}

    /** @param string $here the session that stays; empty where none does */
    public function change(Person $person, #[\SensitiveParameter] string $password, string $here): void
    {
        $person->changePassword($this->hasher->hashPassword($person, $password));
        $this->links->dropAllOf($person);
        $this->entities->flush();
        $this->devices->endAllOf($person, $here);
        $this->log->note($person, Happening::PasswordChanged);
        $this->letters->notice($person, 'Your password was changed. Every other device was signed out.');
    }
}
