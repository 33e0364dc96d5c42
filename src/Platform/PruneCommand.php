<?php

declare(strict_types=1);

namespace App\Platform;

use Doctrine\DBAL\Connection;
use Psr\Clock\ClockInterface;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Style\SymfonyStyle;

/** Takes away what has run out, so that nothing grows for ever: once an hour is enough. */
#[AsCommand('app:prune', 'Takes away sessions, remembered devices, invitations and counts that have run out')]
final readonly class PruneCommand
{
    private const REMEMBERED_DAYS = 30;

    public function __construct(private Connection $database, private ClockInterface $clock) {}

    public function __invoke(SymfonyStyle $io): int
    {
        $now = $this->clock->now()->setTimezone(new \DateTimeZone('UTC'));
        $seconds = $now->getTimestamp();
        $taken = [
            'sessions' => $this->database->executeStatement('DELETE FROM sessions WHERE sess_lifetime < ?', [$seconds]),
            'remembered devices' => $this->database->executeStatement(
                'DELETE FROM rememberme_token WHERE lastUsed < ?',
                [$now->modify('-' . self::REMEMBERED_DAYS . ' days')->format('Y-m-d H:i:s')],
            ),
            'invitations' => $this->database->executeStatement('DELETE FROM invitation WHERE expires < ?', [
                $now->format('Y-m-d H:i:s'),
            ]),
            'counts' => $this->database->executeStatement(
                'DELETE FROM cache_items WHERE item_lifetime + item_time <= ?',
                [$seconds],
            ),
            'locks' => $this->database->executeStatement('DELETE FROM lock_keys WHERE key_expiration < ?', [$seconds]),
        ];
        foreach ($taken as $what => $count) {
            $io->writeln("$what: $count");
        }

        return Command::SUCCESS;
    }
}
