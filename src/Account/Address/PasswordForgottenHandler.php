<?php

declare(strict_types=1);

namespace App\Account\Address;

use App\Account\PersonRepository;
use App\Audit\AuditLog;
use App\Audit\Happening;
use Symfony\Component\Messenger\Attribute\AsMessageHandler;

#[AsMessageHandler]
final readonly class PasswordForgottenHandler
{
    public function __construct(
        private PersonRepository $people,
        private AccountLetters $letters,
        private AuditLog $log,
    ) {}

    public function __invoke(PasswordForgotten $message): void
    {
        $person = $this->people->loadUserByIdentifier($message->email);
        if (null !== $person) {
            $this->log->note($person, Happening::PasswordForgotten, "from {$message->from}");
            $this->letters->sendNewPassword($person);
        }
    }
}
