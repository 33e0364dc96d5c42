<?php

declare(strict_types=1);

namespace App\AtTheFrame;

use Doctrine\ORM\EntityManagerInterface;
use Psr\Clock\ClockInterface;
use Schwung\Core\Running\JournalEntry;
use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Component\Messenger\MessageBusInterface;
use Symfony\Component\RateLimiter\RateLimiterFactory;

/** Writes entries into a run's log, each exactly once, however often and from however many devices it is sent. */
final readonly class LogBook
{
    /** Of one post; a device sends them one by one. Where more come, nothing is taken and nothing is lost. */
    private const MOST_PHOTOS = 2;

    public function __construct(
        private EntityManagerInterface $entities,
        private RunRepository $runs,
        private LogEntryRepository $log,
        private PhotoMaker $photos,
        private PhotoShelf $shelf,
        private PhotoPieces $pieces,
        private MessageBusInterface $bus,
        private ClockInterface $clock,
        private Riders $riders,
        #[Autowire(service: 'limiter.photo')] private RateLimiterFactory $limiter,
    ) {}

    /**
     * @param list<JournalEntry> $entries in the order in which they were written on their device
     * @param string             $follows the key of an entry that was written there before them; empty where none is known
     *
     * @throws PhotosRefused where too many come at once or within a short time; nothing is written then
     */
    public function write(Run $run, array $entries, string $follows = ''): void
    {
        if ([] === $entries) {
            return;
        }
        $pictures = $this->pictures($run, $entries);
        $this->entities->wrapInTransaction(function () use ($run, &$entries, $pictures, $follows): void {
            $this->runs->lock($run);
            $keys = array_map(static fn(JournalEntry $entry): string => $entry->key, $entries);
            $known = $this->log->findTimes($run, [$follows, ...$keys]);
            $entries = self::inOrder($entries, $known, $follows);
            foreach ($entries as $entry) {
                if (!isset($known[$entry->key])) {
                    $this->entities->persist(
                        new LogEntry($run, $this->withPhoto($run, $entry, $pictures), $this->clock->now()),
                    );
                    $known[$entry->key] = MomentMs::of($entry->at);
                }
            }
            $this->pieces->drop($run, self::keysWithPhoto($entries));
        });
        foreach ($this->riders->entries($run, $entries) as [$rider, $its]) {
            $this->write($rider, array_map(self::withoutPhoto(...), $its));
        }
    }

    /**
     * Each post is set to the server's clock by what it took to come: entries of a quick one would lie before those of
     * a slow one that was written earlier. None lies before what was written before it on its device.
     *
     * @param list<JournalEntry> $entries
     * @param array<string, int> $known   times of those that the log has, in milliseconds, by key
     *
     * @return list<JournalEntry>
     */
    private static function inOrder(array $entries, array $known, string $follows): array
    {
        $last = $known[$follows] ?? 0;
        foreach ($entries as $i => $entry) {
            $isKnown = isset($known[$entry->key]);
            $at = $isKnown ? $known[$entry->key] : MomentMs::of($entry->at);
            if (!$isKnown && $at <= $last) {
                $at = $last + 1;
                $entries[$i] = $entry->movedTo(MomentMs::toMoment($at));
                $last = $at;
            } elseif ($isKnown) {
                $last = max($last, $at);
            }
        }

        return $entries;
    }

    /** A picture is kept once, with the load. */
    private static function withoutPhoto(JournalEntry $entry): JournalEntry
    {
        return new JournalEntry(
            $entry->key,
            $entry->kind,
            $entry->step,
            $entry->at,
            array_diff_key($entry->data, ['photo' => true]),
            $entry->person,
        );
    }

    /**
     * @param list<JournalEntry> $entries
     *
     * @return array<string, string> a picture's bytes, by the key of its entry; of none that is known already
     *
     * @throws PhotosRefused
     */
    private function pictures(Run $run, array $entries): array
    {
        $with = self::keysWithPhoto($entries);
        if ([] === $with) {
            return [];
        }
        $wanted = array_diff($with, $this->log->findKnown($run, $with));
        $new = array_filter($entries, static fn(JournalEntry $entry): bool => \in_array($entry->key, $wanted, true));
        if (\count($new) > self::MOST_PHOTOS) {
            throw new PhotosRefused('Two photos are taken at a time.');
        }
        if (!$this->limiter->create((string) $run->quilt->studio->id())->consume(\count($new))->isAccepted()) {
            throw new PhotosRefused('Many photos came within ten minutes.');
        }
        $pictures = [];
        foreach ($new as $entry) {
            $bytes = $this->photos->checked($this->pieces->whole($run, $entry));
            // In a studio that has no room left an entry is kept without its picture.
            if (null !== $bytes && $this->shelf->hasRoom($run->quilt->studio, \strlen($bytes))) {
                $pictures[$entry->key] = $bytes;
            }
        }

        return $pictures;
    }

    /**
     * The photo that came with an entry is kept apart; one that is no picture is left out, the entry is not.
     *
     * @param array<string, string> $pictures
     */
    private function withPhoto(Run $run, JournalEntry $entry, array $pictures): JournalEntry
    {
        if (!isset($entry->data['photo'])) {
            return $entry;
        }
        $data = array_diff_key($entry->data, ['photo' => 1]);
        if (isset($pictures[$entry->key])) {
            $photo = Photo::sent($run, $pictures[$entry->key]);
            $this->entities->persist($photo);
            $this->entities->flush();
            // Made while nobody waits; the message is written with the entry, or not at all.
            $this->bus->dispatch(new PhotoCame($photo->id()));
            $data['photo'] = (string) $photo->id();
        }

        return new JournalEntry($entry->key, $entry->kind, $entry->step, $entry->at, $data, $entry->person);
    }

    /**
     * @param list<JournalEntry> $entries
     *
     * @return list<string>
     */
    private static function keysWithPhoto(array $entries): array
    {
        $with = array_filter($entries, static fn(JournalEntry $entry): bool => isset($entry->data['photo']));

        return array_values(array_map(static fn(JournalEntry $entry): string => $entry->key, $with));
    }
}
