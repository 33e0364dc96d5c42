<?php

declare(strict_types=1);

namespace App\AtTheFrame;

use Psr\Clock\ClockInterface;
use Schwung\Core\Running\EntryKind;
use Schwung\Core\Running\JournalEntry;
use Schwung\Core\Tension\Severity;
use Schwung\Core\Tension\Symptom;

/**
 * What is seen of a quilt once it is off the frame goes into the log of its load as any other problem: it is reasoned
 * about in the same way, and counts where problems keep coming back. Said otherwise later, it is corrected.
 */
final readonly class Sightings
{
    public function __construct(private LogBook $book, private ClockInterface $clock) {}

    public function note(Run $run, RunView $view, OffSheet $off, string $person): void
    {
        $standing = array_map(static fn(JournalEntry $entry): string => $entry->key, $view->journal->problems());
        $written = array_map(static fn(JournalEntry $entry): string => $entry->key, $view->entries);
        $entries = [];
        foreach (OffSheet::SIGHTINGS as $symptom) {
            $times = \count(
                array_filter(
                    $written,
                    static fn(string $key): bool => str_starts_with($key, self::stem($run, $symptom)),
                ),
            );
            $key = self::stem($run, $symptom) . '-' . $times;
            $open = self::stem($run, $symptom) . '-' . ($times - 1);
            $isOpen = \in_array($open, $standing, true);
            if ($off->shows($symptom) && !$isOpen) {
                $entries[] = $this->entry($key, EntryKind::Problem, $person, [
                    'layer' => $symptom->layer()->value,
                    'seen' => $symptom->value,
                    'severity' => Severity::Noted->value,
                    'action' => '',
                ]);
            } elseif (!$off->shows($symptom) && $isOpen) {
                $entries[] = $this->entry("c-$open", EntryKind::Correction, $person, ['of' => $open]);
            }
        }
        $this->book->write($run, $entries);
    }

    /** How the keys of a sighting of a load begin. */
    public static function stem(Run $run, Symptom $symptom): string
    {
        return 'off-' . substr(hash('xxh128', $run->id() . $symptom->value), 0, 20);
    }

    /** @param array<string, mixed> $data */
    private function entry(string $key, EntryKind $kind, string $person, array $data): JournalEntry
    {
        return new JournalEntry($key, $kind, null, $this->clock->now(), $data, $person);
    }
}
