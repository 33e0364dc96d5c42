<?php

declare(strict_types=1);

namespace App\Account\Address;

use App\Account\PersonRepository;
use Symfony\Component\Console\Attribute\Argument;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Style\SymfonyStyle;

/** For whoever runs the machine: the way back in for an owner where no mail server takes the letters. */
#[AsCommand('app:password-link', 'Prints a link with which somebody chooses a new password, good for an hour')]
final readonly class PasswordLinkCommand
{
    public function __construct(private PersonRepository $people, private AccountLetters $letters) {}

    public function __invoke(SymfonyStyle $io, #[Argument('The address that they sign in with')] string $email): int
    {
        $person = $this->people->loadUserByIdentifier($email);
        if (null === $person) {
            $io->error("Nobody signs in with $email.");

            return Command::FAILURE;
        }
        $io->writeln($this->letters->newPasswordLink($person));

        return Command::SUCCESS;
    }
}
