<?php

declare(strict_types=1);

namespace App\Bench\Plan;

use App\Bench\WallClock;
use App\Shelf\Outlook;
use Schwung\Core\Queue\Chore;
use Schwung\Core\Queue\ChoreKind;
use Schwung\Core\Queue\WorkingTime;

/**
 * Reads a queue as Planning wrote it down.
 *
 * @phpstan-type Running array{id: string, title: string, client: string, due: string|null, size: array{float, float}, loading: float, stitching: float, tending: float, unlearnt: float, spread: float}
 * @phpstan-type OnFrameFacts array{fits: bool, words: array<string, string>, passes: int|null, size: array{float, float}, short: array{float, float}}
 * @phpstan-type Waiting array{title: string, client: string, due: string|null, frame: string|null, top: array{float, float}|null, assumed: list<string>, held: string, promises: list<string>, onFrames: array<string, OnFrameFacts>, loading?: float, stitching?: float, tending?: float, unlearnt?: float, spread?: float, pin: array{frame: string|null, place: int|null, by: string, on: int}|null, notBefore: string|null}
 * @phpstan-type Way array{kind: string, end: int, costs: float, frame: string|null, day: int|null, minutes: int|null}
 * @phpstan-type PlacedQuilt array{id: string, frame: string, start: int, end: int, daysLate: int, setup: int, cost: array{float, list<string>}|null, ways: list<Way>}
 * @phpstan-type RailFrame array{id: string, name: string, rail: float, until: int|null, free: int|null, running: list<Running>}
 * @phpstan-type Document array{from: string, now: int, hasHours: bool, frames: list<RailFrame>, quilts: array<string, Waiting>, placed: list<PlacedQuilt>, chores: list<array{key: string, kind: string, by: int|null, quilt: string|null, frame: string|null, of: string|null}>, gangs: list<array{frame: string, ids: list<string>, alone: float, together: float}>, proved: bool, uncounted: int, loads?: int, days: list<list<array{int, int}>>, isWhole?: bool, shelf?: array<string, mixed>}
 */
final readonly class PlanRead
{
    public WallClock $clock;
    /** @var Document */
    private array $document;

    /** @param array<string, mixed> $document as Planning wrote it */
    public function __construct(array $document, \DateTimeZone $zone)
    {
        /** @var Document $document */
        $this->document = $document;
        $this->clock = WallClock::on($document['from'], $document['now'], $zone);
    }

    /** @return list<RailFrame> */
    public function frames(): array
    {
        return $this->document['frames'];
    }

    public function frameName(?string $id): string
    {
        foreach ($this->document['frames'] as $frame) {
            if ($id === $frame['id']) {
                return $frame['name'];
            }
        }

        return 'no frame';
    }

    /** @return array<string, Waiting> by id, by due day */
    public function waiting(): array
    {
        return $this->document['quilts'];
    }

    /** @return list<PlacedQuilt> */
    public function placed(): array
    {
        return $this->document['placed'];
    }

    /** @return PlacedQuilt|null */
    public function placeOf(string $id): ?array
    {
        foreach ($this->document['placed'] as $placed) {
            if ($id === $placed['id']) {
                return $placed;
            }
        }

        return null;
    }

    /** @return list<PlacedQuilt> */
    public function placedOn(string $frame): array
    {
        return array_values(
            array_filter($this->document['placed'], static fn(array $placed): bool => $frame === $placed['frame']),
        );
    }

    public function title(?string $id): string
    {
        if (isset($this->document['quilts'][$id])) {
            return $this->document['quilts'][$id]['title'];
        }
        foreach ($this->document['frames'] as $frame) {
            foreach ($frame['running'] as $running) {
                if ($id === $running['id']) {
                    return $running['title'];
                }
            }
        }

        return '';
    }

    /** @return list<Chore> */
    public function chores(): array
    {
        return array_map(
            static fn(array $chore): Chore => new Chore(
                $chore['key'],
                ChoreKind::from($chore['kind']),
                $chore['by'],
                $chore['quilt'],
                $chore['frame'],
                $chore['of'],
            ),
            $this->document['chores'],
        );
    }

    /** @return list<array{frame: string, ids: list<string>, alone: float, together: float}> */
    public function gangs(): array
    {
        return $this->document['gangs'];
    }

    /** What the waiting quilts take from the shelf. */
    public function outlook(): Outlook
    {
        return Outlook::fromArray($this->document['shelf'] ?? []);
    }

    public function hasHours(): bool
    {
        return $this->document['hasHours'];
    }

    public function isProved(): bool
    {
        return $this->document['proved'];
    }

    public function uncounted(): int
    {
        return $this->document['uncounted'];
    }

    /** How many loads have taught what steps take. */
    public function loads(): int
    {
        return $this->document['loads'] ?? 0;
    }

    public function isWhole(): bool
    {
        return $this->document['isWhole'] ?? true;
    }

    /** @return list<array{int, int}> hours of a day, counted from the first; minutes of the day */
    public function spansOn(int $day): array
    {
        return $this->document['days'][$day] ?? [];
    }

    /** @return array<string, array{string, string, string}> title, client and due day, by id */
    public function dues(): array
    {
        $dues = [];
        foreach ($this->document['frames'] as $frame) {
            foreach ($frame['running'] as $running) {
                if (null !== $running['due']) {
                    $dues[$running['id']] = [$running['title'], $running['client'], $running['due']];
                }
            }
        }
        foreach ($this->document['quilts'] as $id => $quilt) {
            if (null !== $quilt['due']) {
                $dues[$id] = [$quilt['title'], $quilt['client'], $quilt['due']];
            }
        }

        return $dues;
    }

    /**
     * The hours that quilts are worked on frames, a day at a time.
     *
     * @return list<array{string, string, int, int}> what stays the same of it, words, and minutes of the wall clock
     */
    public function blocks(): array
    {
        $blocks = [];
        foreach ($this->document['placed'] as $placed) {
            $words = $this->frameName($placed['frame']) . ': ' . $this->title($placed['id']);
            for (
                $day = intdiv($placed['start'], WorkingTime::DAY);
                $day <= intdiv($placed['end'] - 1, WorkingTime::DAY);
                ++$day
            ) {
                $spans = $this->spansOn($day);
                if ([] === $spans) {
                    continue;
                }
                $from = max($placed['start'], $day * WorkingTime::DAY + $spans[0][0]);
                $to = min($placed['end'], $day * WorkingTime::DAY + $spans[\count($spans) - 1][1]);
                if ($from < $to) {
                    $date = $this->clock->day($day)->format('Ymd');
                    $blocks[] = ["block-{$placed['id']}-$date", $words, $from, $to];
                }
            }
        }

        return $blocks;
    }
}
