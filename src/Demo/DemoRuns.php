<?php

declare(strict_types=1);

namespace App\Demo;

use App\AtTheFrame\LogBook;
use App\AtTheFrame\OffSheet;
use App\AtTheFrame\Run;
use App\AtTheFrame\RunViews;
use App\AtTheFrame\Starting;
use App\Quilt\Pinning\Deciding;
use App\Quilt\Quilt;
use Doctrine\ORM\EntityManagerInterface;
use Schwung\Core\Loading\ParkFor;
use Schwung\Core\Loading\Step;
use Schwung\Core\Measure\Length;
use Schwung\Core\Running\EntryKind;
use Schwung\Core\Running\JournalEntry;

/** Puts quilts of the demo on their frames: one half stitched and drifting, others off again. */
final readonly class DemoRuns
{
    private const PERSON = 'Maren Tideloft';

    public function __construct(
        private EntityManagerInterface $entities,
        private Starting $starting,
        private RunViews $views,
        private LogBook $book,
        private Deciding $deciding,
    ) {}

    /** Stitched as far as the end of a pass, the top a little more to the right at each advance. */
    public function half(Quilt $quilt, \DateTimeImmutable $from, int $passes): void
    {
        $run = $this->begun($quilt, $from);
        if (null === $run) {
            return;
        }
        $quilt->load($run->started);
        $view = $this->views->open($run);
        [$entries, $at] = [[], $from];
        foreach ($view->steps->steps as $i => $step) {
            if (($step->pass ?? 0) > $passes) {
                break;
            }
            $at = $at->modify(\sprintf('+%d seconds', (int) (60 * $step->minutes * (0.85 + 0.1 * ($i % 4)))));
            array_push(
                $entries,
                ...$this->readings(
                    $step,
                    $at,
                    null === $step->pass ? 0.0 : $view->setup->wind($step->pass)->pass->wound->toMillimetres(),
                ),
            );
            $entries[] = $this->entry("done-$i", EntryKind::Done, $step->key, $at);
        }
        $entries[] = $this->entry('pleat', EntryKind::Problem, "pass-$passes-stitch", $at, [
            'x' => 430.0,
            'y' => 520.0,
            'layer' => 'top',
            'seen' => 'top-pleat',
            'severity' => 'mended',
            'action' => 'Walked it in from the front and went on.',
        ]);
        $this->book->write($run, $entries);
    }

    /** Begun, and left on its frame since. */
    public function parked(Quilt $quilt, \DateTimeImmutable $from, int $passes): void
    {
        $run = $this->begun($quilt, $from);
        if (null === $run) {
            return;
        }
        $quilt->load($run->started);
        [$entries, $at] = [[], $from];
        foreach ($this->views->open($run)->steps->steps as $i => $step) {
            if (($step->pass ?? 0) > $passes) {
                break;
            }
            $at = $at->modify(\sprintf('+%d seconds', (int) (60 * $step->minutes)));
            $entries[] = $this->entry("done-$i", EntryKind::Done, $step->key, $at);
        }
        $entries[] = $this->entry('park', EntryKind::Park, null, $at, ['for' => ParkFor::Overnight->value]);
        $this->book->write($run, $entries);
    }

    /** Stitched to the end, with what was written down of it. */
    public function whole(Quilt $quilt, \DateTimeImmutable $from, OffSheet $off): void
    {
        $run = $this->begun($quilt, $from);
        if (null === $run) {
            return;
        }
        [$entries, $at] = [[], $from];
        foreach ($this->views->open($run)->steps->steps as $i => $step) {
            $at = $at->modify(\sprintf('+%d seconds', (int) (60 * $step->minutes * 1.05)));
            $entries[] = $this->entry("done-$i", EntryKind::Done, $step->key, $at);
        }
        $this->book->write($run, $entries);
        $run->end($off, $at);
        $quilt->finish($at);
    }

    private function begun(Quilt $quilt, \DateTimeImmutable $from): ?Run
    {
        $this->deciding->tickAll($quilt, self::PERSON);
        $subject = $this->starting->subject($quilt);
        if (null === $subject) {
            return null;
        }
        $run = $this->starting->begin($quilt, $from->setTimezone(new \DateTimeZone('UTC')), $subject);
        $this->entities->flush();

        return $run;
    }

    /** @return list<JournalEntry> */
    private function readings(Step $step, \DateTimeImmutable $at, float $wound): array
    {
        $sixteenths = static fn(int $count): float => Length::inches($count / 16)->toMillimetres();

        return match (true) {
            str_ends_with($step->key, '-settle') || str_ends_with($step->key, '-smooth') => [
                $this->entry('read-' . $step->key, EntryKind::Register, $step->key, $at, [
                    'wound' => $wound,
                    'left' => $sixteenths(2 * ($step->pass ?? 2) - 3),
                    'right' => $sixteenths(2 * ($step->pass ?? 2) - 3 + (($step->pass ?? 2) % 2)),
                ]),
            ],
            'clear-path' === $step->key => [
                $this->entry('feel-clear-path', EntryKind::Firmness, $step->key, $at, [
                    'backing' => [3, 3, 3],
                    'top' => [3, 3, 2],
                ]),
            ],
            default => [],
        };
    }

    /** @param array<string, mixed> $data */
    private function entry(
        string $key,
        EntryKind $kind,
        ?string $step,
        \DateTimeImmutable $at,
        array $data = [],
    ): JournalEntry {
        return new JournalEntry(substr("demo-entry-$key", 0, 36), $kind, $step, $at, $data, self::PERSON);
    }
}
