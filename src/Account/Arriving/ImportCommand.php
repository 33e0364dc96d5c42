<?php

declare(strict_types=1);

namespace App\Account\Arriving;

use App\Account\PersonRepository;
use Symfony\Component\Console\Attribute\Argument;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Style\SymfonyStyle;

/** Takes an archive in that is too large for a page. */
#[AsCommand('app:studio:import', 'Takes the export of a studio into the empty studio of this owner')]
final readonly class ImportCommand
{
    public function __construct(private PersonRepository $people, private StudioImport $import) {}

    public function __invoke(
        SymfonyStyle $io,
        #[Argument('The ZIP that the export gave')] string $archive,
        #[Argument('The e-mail address of the owner')] string $owner,
    ): int {
        $person = $this->people->findOwner($owner);
        if (null === $person) {
            $io->error("Nobody with the address $owner owns a studio here.");

            return Command::INVALID;
        }
        if (!$this->import->mayArrive($person)) {
            $io->error('That studio is not empty.');

            return Command::INVALID;
        }
        try {
            $bar = $io->createProgressBar(100);
            $this->import->take($person, StudioArchive::open($archive), $bar->setProgress(...));
            $io->newLine();
            $io->writeln('The studio is here.');
        } catch (UnreadableArchive $unreadable) {
            $io->error($unreadable->getMessage() . ' Nothing was taken in.');

            return Command::FAILURE;
        }

        return Command::SUCCESS;
    }
}
