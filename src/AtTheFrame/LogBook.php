<?php

declare(strict_types=1);

namespace App\AtTheFrame;

use Doctrine\ORM\EntityManagerInterface;
use Psr\Clock\ClockInterface;
use Schwung\Core\Running\JournalEntry;

/** Writes entries into a run's log, each exactly once, however often and from however many devices it is sent. */
final readonly class LogBook
{
    public function __construct(
        private EntityManagerInterface $entities,
        private RunRepository $runs,
        private LogEntryRepository $log,
        private PhotoMaker $photos,
        private ClockInterface $clock,
    ) {}

    /** @param list<JournalEntry> $entries */
    public function write(Run $run, array $entries): void
    {
        if ([] === $entries) {
            return;
        }
        $this->entities->wrapInTransaction(function () use ($run, $entries): void {
            $this->runs->lock($run);
            $known = array_flip(
                $this->log->findKnown($run, array_map(static fn(JournalEntry $entry): string => $entry->key, $entries)),
            );
            foreach ($entries as $entry) {
                if (!isset($known[$entry->key])) {
                    $this->entities->persist(new LogEntry($run, $this->withPhoto($run, $entry), $this->clock->now()));
                    $known[$entry->key] = true;
                }
            }
        });
    }

    /** The photo that came with an entry is kept apart; one that is no picture is left out, the entry is not. */
    private function withPhoto(Run $run, JournalEntry $entry): JournalEntry
    {
        if (!isset($entry->data['photo'])) {
            return $entry;
        }
        $jpeg = $this->photos->remade($entry->text('photo'));
        $data = array_diff_key($entry->data, ['photo' => 1]);
        if (null !== $jpeg) {
            $photo = new Photo($run, $jpeg);
            $this->entities->persist($photo);
            $data['photo'] = (string) $photo->id();
        }

        return new JournalEntry($entry->key, $entry->kind, $entry->step, $entry->at, $data, $entry->person);
    }
}
