<?php

declare(strict_types=1);

namespace App\AtTheFrame;

use App\Quilt\Quilt;
use App\Quilt\QuiltRepository;
use App\Quilt\Subject;
use Doctrine\ORM\EntityManagerInterface;
use Schwung\Core\Measure\Length;
use Schwung\Core\Running\EntryKind;
use Schwung\Core\Running\JournalEntry;

/**
 * Tops that are on the frame side by side as one load: each has a log of its own, in which the steps of the load stand
 * along with what was seen on that top alone, and each comes off by itself.
 */
final readonly class Riders
{
    /** What is told of a problem, by its key: it stands where the problem does. */
    private const OF_A_PROBLEM = [EntryKind::Looked, EntryKind::Tested, EntryKind::Fixed];

    public function __construct(
        private EntityManagerInterface $entities,
        private QuiltRepository $quilts,
        private RunRepository $runs,
        private LogEntryRepository $log,
    ) {}

    /** Begins a log for each top of the load that begins. */
    public function begin(Run $run, Subject $subject): void
    {
        foreach ($this->quilts->findCarried($run->quilt) as $rider) {
            $rider->load($run->started);
            $rider->shelve();
            $this->entities->persist(
                new Run(
                    $rider,
                    $run->started,
                    new Subject($rider->title(), $subject->sheet, $subject->frame, $subject->practice),
                ),
            );
        }
    }

    /**
     * @param list<JournalEntry> $entries of the load
     *
     * @return list<array{Run, list<JournalEntry>}> what of them stands in the log of each top
     */
    public function entries(Run $run, array $entries): array
    {
        $all = [];
        $riders = $this->quilts->findCarried($run->quilt);
        foreach ($riders as $i => $rider) {
            $own = $this->runs->findOpen($rider);
            if (null === $own) {
                continue;
            }
            $left = $i > 0 ? $this->between($riders[$i - 1], $rider) : -\INF;
            $right = isset($riders[$i + 1]) ? $this->between($rider, $riders[$i + 1]) : \INF;
            $here = $this->problemsIn($own, $entries, $left, $right);
            $all[] = [
                $own,
                array_values(
                    array_filter(
                        $entries,
                        static fn(JournalEntry $entry): bool => match (true) {
                            EntryKind::Problem === $entry->kind => isset($here[$entry->key]),
                            \in_array($entry->kind, self::OF_A_PROBLEM, true) => isset($here[$entry->text('of')]),
                            default => true,
                        },
                    ),
                ),
            ];
        }

        return $all;
    }

    /** @return list<Quilt> tops of a load that are still on the frame: each comes off by itself */
    public function stillOn(Quilt $carrier): array
    {
        return array_values(
            array_filter($this->quilts->findCarried($carrier), static fn(Quilt $rider): bool => $rider->isLoaded()),
        );
    }

    /** Once the last top is off, and this one is, so is the load. */
    public function end(Quilt $rider, OffSheet $off, \DateTimeImmutable $now): void
    {
        $carrier = $rider->carrier();
        $run = null === $carrier ? null : $this->runs->findOpen($carrier);
        if (null === $carrier || null === $run) {
            return;
        }
        if ([] === $this->stillOn($carrier)) {
            $run->end($off, $now);
            $carrier->finish($now);
        }
    }

    /**
     * The problems on one top: those of its log, and those of the entries that lie within its bounds.
     *
     * @param list<JournalEntry> $entries
     *
     * @return array<string, true> by key
     */
    private function problemsIn(Run $own, array $entries, float $left, float $right): array
    {
        $told = array_map(
            static fn(JournalEntry $entry): string => $entry->text('of'),
            array_filter(
                $entries,
                static fn(JournalEntry $entry): bool => \in_array($entry->kind, self::OF_A_PROBLEM, true),
            ),
        );
        $here = [] === $told ? [] : array_fill_keys($this->log->findKnown($own, array_values($told)), true);
        foreach ($entries as $entry) {
            if (EntryKind::Problem === $entry->kind && isset($entry->data['x'])) {
                $x = $entry->number('x');
                $here += $x >= $left && $x < $right ? [$entry->key => true] : [];
            }
        }

        return $here;
    }

    /** The middle of the gap between two tops, in millimetres from the middle of the load, as problems are told. */
    private function between(Quilt $left, Quilt $right): float
    {
        $at = static fn(Quilt $quilt): float => ($quilt->carriedAt() ?? Length::zero())->toMillimetres();

        return ($at($left) + $at($right)) / 2;
    }
}
