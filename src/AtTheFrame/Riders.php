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
    /** What is told of one place or one top, and not of the whole load. */
    private const OF_ONE = [
        EntryKind::Problem,
        EntryKind::Looked,
        EntryKind::Tested,
        EntryKind::Fixed,
        EntryKind::Correction,
    ];

    public function __construct(
        private EntityManagerInterface $entities,
        private QuiltRepository $quilts,
        private RunRepository $runs,
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
            $known = [];
            foreach ($entries as $entry) {
                $isHere =
                    EntryKind::Problem === $entry->kind &&
                    isset($entry->data['x']) &&
                    $entry->number('x') >= $left &&
                    $entry->number('x') < $right;
                if ($isHere || !\in_array($entry->kind, self::OF_ONE, true)) {
                    $known[] = $entry;
                }
            }
            $all[] = [$own, $known];
        }

        return $all;
    }

    /** Once the last top is off, so is the load. */
    public function end(Quilt $rider, OffSheet $off, \DateTimeImmutable $now): void
    {
        $carrier = $rider->carrier();
        $run = null === $carrier ? null : $this->runs->findOpen($carrier);
        if (null === $carrier || null === $run) {
            return;
        }
        $stillOn = array_filter(
            $this->quilts->findCarried($carrier),
            static fn(Quilt $other): bool => $other !== $rider && $other->isLoaded(),
        );
        if ([] === $stillOn) {
            $run->end($off, $now);
            $carrier->finish($now);
        }
    }

    /** The middle of the gap between two tops, in millimetres from the middle of the load, as problems are told. */
    private function between(Quilt $left, Quilt $right): float
    {
        $at = static fn(Quilt $quilt): float => ($quilt->carriedAt() ?? Length::zero())->toMillimetres();

        return ($at($left) + $at($right)) / 2;
    }
}
