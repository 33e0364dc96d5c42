<?php

declare(strict_types=1);

namespace App\AtTheFrame;

use Psr\Clock\ClockInterface;
use Schwung\Core\Loading\Step;
use Schwung\Core\Loading\StepKind;
use Schwung\Core\Running\EntryKind;
use Schwung\Core\Running\JournalEntry;

/** Takes in a quilt that was begun before it was written down here: its log begins at the pass that is at hand. */
final readonly class HalfDone
{
    public function __construct(private RunViews $views, private LogBook $book, private ClockInterface $clock) {}

    /**
     * Does nothing where the pass is none of its passes. A second time it writes nothing new.
     *
     * @param int   $pass the pass at hand
     * @param float $rows how many of its rows are stitched
     */
    public function enter(Run $run, int $pass, float $rows, string $person): void
    {
        $steps = $this->views->open($run)->steps->steps;
        $atHand = null;
        foreach ($steps as $i => $step) {
            if (StepKind::Stitch === $step->kind && $step->pass === $pass) {
                $atHand = $i;
                break;
            }
        }
        if (null === $atHand) {
            return;
        }
        $now = $this->clock->now();
        $entries = [];
        foreach (\array_slice($steps, 0, $atHand) as $i => $step) {
            // One after the other, as they were done: the frame stands as the last of them left it.
            $at = $now->modify(\sprintf('-%d milliseconds', $atHand - $i));
            $entries[] = $this->entry($run, EntryKind::Done, $step, $at, ['entered' => true], $person);
        }
        if ($rows > 0) {
            $halves = ['rows' => round(2 * $rows) / 2];
            $entries[] = $this->entry($run, EntryKind::Rows, $steps[$atHand], $now, $halves, $person);
        }
        $this->book->write($run, $entries);
    }

    /** @param array<string, mixed> $data */
    private function entry(
        Run $run,
        EntryKind $kind,
        Step $step,
        \DateTimeImmutable $at,
        array $data,
        string $person,
    ): JournalEntry {
        $key = hash('xxh128', $run->id() . $kind->value . $step->key);

        return new JournalEntry($key, $kind, $step->key, $at, $data, $person);
    }
}
