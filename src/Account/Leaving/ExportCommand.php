<?php

declare(strict_types=1);

namespace App\Account\Leaving;

use App\Account\PersonRepository;
use Symfony\Component\Console\Attribute\Argument;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Style\SymfonyStyle;
use Symfony\Component\Filesystem\Filesystem;

/** Writes everything of a studio into a ZIP, for whoever keeps the machine. */
#[AsCommand('app:studio:export', 'Writes everything of the studio of this owner into a ZIP')]
final readonly class ExportCommand
{
    public function __construct(private PersonRepository $people, private StudioExport $export) {}

    public function __invoke(
        SymfonyStyle $io,
        #[Argument('The e-mail address of the owner')] string $owner,
        #[Argument('Where the ZIP goes')] string $archive,
    ): int {
        $person = $this->people->findOwner($owner);
        if (null === $person) {
            $io->error("Nobody with the address $owner owns a studio here.");

            return Command::INVALID;
        }
        (new Filesystem())->rename($this->export->write($person->studio()), $archive);
        $io->writeln("Written to $archive.");

        return Command::SUCCESS;
    }
}
