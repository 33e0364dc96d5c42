<?php

declare(strict_types=1);

namespace App\Platform;

use App\Account\Leaving\Closing;
use App\Account\Transfer\StudioTransferRepository;
use App\Account\Transfer\TransferFolder;
use App\Platform\Kept\StudioChanges;
use App\Quilt\PutAway\PutAwayRepository;
use App\Quilt\RecountVerdicts;
use Doctrine\DBAL\Connection;
use Psr\Clock\ClockInterface;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Style\SymfonyStyle;
use Symfony\Component\Messenger\MessageBusInterface;
use Symfony\Component\Uid\Ulid;

/** Takes away what has run out, so that nothing grows for ever: once an hour is enough. */
#[AsCommand('app:prune', 'Takes away what has run out: sessions, devices, links, letters, counts, closed studios')]
final readonly class PruneCommand
{
    private const REMEMBERED_DAYS = 30;

    public function __construct(
        private Connection $database,
        private Closing $closing,
        private PutAwayRepository $away,
        private MessageBusInterface $bus,
        private StudioTransferRepository $transfers,
        private TransferFolder $folder,
        private StudioChanges $changes,
        private ClockInterface $clock,
    ) {}

    public function __invoke(SymfonyStyle $io): int
    {
        $now = $this->clock->now()->setTimezone(new \DateTimeZone('UTC'));
        $seconds = $now->getTimestamp();
        $text = $now->format('Y-m-d H:i:s');
        $taken = [
            'sessions' => $this->database->executeStatement('DELETE FROM sessions WHERE sess_lifetime < ?', [$seconds]),
            'remembered devices' => $this->database->executeStatement(
                'DELETE FROM rememberme_token WHERE lastUsed < ?',
                [$now->modify('-' . self::REMEMBERED_DAYS . ' days')->format('Y-m-d H:i:s')],
            ),
            'devices' => $this->database->executeStatement(
                'DELETE FROM signed_in WHERE session_id NOT IN (SELECT sess_id FROM sessions)
                    AND (series IS NULL OR series NOT IN (SELECT series FROM rememberme_token))',
            ),
            'invitations' => $this->database->executeStatement('DELETE FROM invitation WHERE expires < ?', [$text]),
            'links' => $this->database->executeStatement('DELETE FROM account_link WHERE expires < ?', [$text]),
            'sign-ups' => $this->database->executeStatement('DELETE FROM sign_up_waiting WHERE expires < ?', [$text]),
            'pieces of photos' => $this->database->executeStatement('DELETE FROM photo_piece WHERE since < ?', [
                $now->modify('-30 days')->format('Y-m-d H:i:s'),
            ]),
            'letters' => $this->database->executeStatement('DELETE FROM letter WHERE until < ?', [$text]),
            'log of who did what' => $this->database->executeStatement('DELETE FROM audit_entry WHERE at < ?', [
                $now->modify('-1 year')->format('Y-m-d H:i:s'),
            ]),
            'deleted quilts and frames' => $this->away->purge($now->modify('-' . PutAwayRepository::DAYS . ' days')),
            'closed studios' => $this->closing->erase(),
            'counts' => $this->database->executeStatement(
                'DELETE FROM cache_items WHERE item_lifetime + item_time <= ?',
                [$seconds],
            ),
            'ZIPs of studios' => $this->takeZipsAway($now->modify('-1 day')),
            'studios whose verdicts are worked out anew' => $this->recount(),
            'stamps of changes' => $this->changes->tidy(),
            'locks' => $this->database->executeStatement('DELETE FROM lock_keys WHERE key_expiration < ?', [$seconds]),
        ];
        foreach ($taken as $what => $count) {
            $io->writeln("$what: $count");
        }

        return Command::SUCCESS;
    }

    private function takeZipsAway(\DateTimeImmutable $before): int
    {
        $old = $this->transfers->takeAway($before);
        array_map($this->folder->takeAway(...), $old);

        return \count($old);
    }

    /** After an update a verdict may be from before although nobody asked for another. */
    private function recount(): int
    {
        $studios = $this->database->fetchFirstColumn(
            'SELECT DISTINCT studio_id FROM quilt WHERE outdated = 1 AND deleted IS NULL',
        );
        foreach ($studios as $studio) {
            if (\is_string($studio)) {
                $this->bus->dispatch(new RecountVerdicts(Ulid::fromBinary($studio)));
            }
        }

        return \count($studios);
    }
}
