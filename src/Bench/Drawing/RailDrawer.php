<?php

declare(strict_types=1);

namespace App\Bench\Drawing;

use App\AtTheFrame\OnFrame;
use App\Bench\Plan\PlanRead;

/**
 * Draws the bench: every frame as its rail to one scale with what hangs on it, the queue behind it in time, and the
 * shelf beside it to the same scale.
 *
 * @phpstan-import-type PlacedQuilt from PlanRead
 * @phpstan-import-type Waiting from PlanRead
 */
final readonly class RailDrawer
{
    private const PIXELS_PER_MM = 0.034;
    private const LANE = 118.0;
    private const AXIS = 26.0;
    /** Above the quilts of a lane: the name of the frame, or of the quilt. */
    private const HEAD = 22.0;
    private const LETTER = 6.7;
    /** Below a bar stands its due day, then its quilt. */
    private const UNDER_BAR = 22.0;
    private const GAP = 14.0;
    private const MARGIN = 8.0;
    /** Room for what is said of a quilt on its rail. */
    private const BESIDE = 104.0;

    public function __construct(private PlanRead $plan, private \DateTimeImmutable $now) {}

    /** @param list<OnFrame> $running as it is now */
    public function draw(array $running): RailDrawing
    {
        $axis = new Axis($this->plan, $this->now);
        $widest = max([1500.0, ...array_column($this->plan->frames(), 'rail')]) * self::PIXELS_PER_MM;
        $lanes = [];
        foreach ($this->plan->frames() as $i => $frame) {
            $y = self::AXIS + $i * self::LANE;
            $rail = $frame['rail'] * self::PIXELS_PER_MM;
            $on = array_values(
                array_filter($running, static fn(OnFrame $one): bool => $frame['id'] === (string) $one->frameId),
            );
            $lanes[] = [
                'id' => $frame['id'],
                'name' => $frame['name'],
                'y' => $y,
                'height' => self::LANE,
                'rail' => $rail,
                'railEnd' => self::MARGIN + $rail,
                'on' => array_map(
                    fn(OnFrame $one): array => $this->onRail($one, self::MARGIN + $rail / 2),
                    \array_slice($on, 0, 1),
                ),
                ...$this->until($frame['until'], $on[0]->title ?? '', $axis),
                'after' => null === $frame['free'] ? $axis->x($this->plan->clock->now) : $axis->x($frame['free']),
                'blocks' => array_values(
                    array_filter(
                        array_map(
                            fn(array $placed): ?array => $axis->reaches($placed['start'])
                                ? $this->block($placed, $axis, $y)
                                : null,
                            $this->plan->placedOn($frame['id']),
                        ),
                    ),
                ),
            ];
        }
        [$shelf, $shelfWidth] = $this->shelf();

        return new RailDrawing(
            lanes: $lanes,
            shelf: $shelf,
            days: $axis->days,
            railWidth: $widest + 2 * self::MARGIN + self::BESIDE,
            beside: $widest + 2 * self::MARGIN,
            width: $axis->width,
            height: self::AXIS + \count($lanes) * self::LANE,
            shelfWidth: $shelfWidth,
            shelfHeight: self::LANE + self::HEAD,
            below: self::AXIS - 4,
            perMillimetre: self::PIXELS_PER_MM,
        );
    }

    /** @return array{now: float, busy: float, short: string} from where and how wide it is still worked at */
    private function until(?int $until, string $title, Axis $axis): array
    {
        $now = $axis->x($this->plan->clock->now);
        $x = null === $until ? $now : max($now + 3, $axis->x($until));

        return ['now' => $now, 'busy' => $x - $now, 'short' => self::cut($title, $x - $now)];
    }

    /** @return array<string, mixed> */
    private function onRail(OnFrame $one, float $middle): array
    {
        [$width, $height] = $this->pixels($one->size);
        $part = 0 === $one->passes ? 0.0 : max(0, $one->pass - 1) / $one->passes;
        $done = round(($one->isFinished ? 1.0 : $part) * $height, 1);

        return [
            'id' => (string) $one->quilt,
            'title' => $one->title,
            'words' => $one->words($this->now),
            'lines' => $this->lines($one),
            'isParked' => null !== $one->parked,
            'x' => $middle - $width / 2,
            'y' => self::HEAD,
            'width' => $width,
            'height' => $height,
            'done' => $done,
            'at' => self::HEAD + $done,
        ];
    }

    /**
     * @param PlacedQuilt $placed
     *
     * @return array{id: string, title: string, short: string, due: string, label: string, x: float, y: float, width: float, pinAt: float, isLate: bool, isPinned: bool, quilt: array<string, float>}
     */
    private function block(array $placed, Axis $axis, float $y): array
    {
        $quilt = $this->plan->waiting()[$placed['id']];
        $from = $axis->x($placed['start']);
        $to = max($from + 4, $axis->x($placed['end']));
        $size = $quilt['onFrames'][$placed['frame']]['size'] ?? ($quilt['top'] ?? [1.0, 1.0]);
        [$width, $height] = $this->pixels($size);
        // One that is worked for less than its width stands smaller, in its proportions.
        $scale = min(
            1.0,
            max(10.0, $to - $from - 2) / $width,
            (self::LANE - self::HEAD - self::UNDER_BAR - 2) / $height,
        );
        $due = null === $quilt['due'] ? null : new \DateTimeImmutable($quilt['due'], new \DateTimeZone('UTC'));

        return [
            'id' => $placed['id'],
            'title' => $quilt['title'],
            'short' => self::cut($quilt['title'], $to - $from),
            'due' => null === $due ? '' : self::cut('due ' . $due->format('j M'), $to - $from),
            'label' => $this->label($placed, $quilt),
            'x' => $from,
            'y' => $y,
            'width' => round($to - $from, 1),
            'pinAt' => round($to - $from - 7, 1),
            'isLate' => $placed['daysLate'] > 0,
            'isPinned' => null !== $quilt['pin'],
            'quilt' => [
                'x' => round(($to - $from - $width * $scale) / 2, 1),
                'y' => self::HEAD + self::UNDER_BAR,
                'width' => round($width * $scale, 1),
                'height' => round($height * $scale, 1),
            ],
        ];
    }

    /**
     * @param PlacedQuilt $placed
     * @param Waiting     $quilt
     */
    private function label(array $placed, array $quilt): string
    {
        return \sprintf(
            '%s: on %s from %s to %s%s%s',
            $quilt['title'],
            $this->plan->frameName($placed['frame']),
            $this->plan->clock->at($placed['start'])->format('D j M G:i'),
            $this->plan->clock->at($placed['end'])->format('D j M G:i'),
            0 === $placed['daysLate']
                ? ''
                : ', ' . $placed['daysLate'] . (1 === $placed['daysLate'] ? ' day late' : ' days late'),
            null === $quilt['pin'] ? '' : ', pinned',
        );
    }

    /** @return array{list<array<string, mixed>>, float} and how wide it is */
    private function shelf(): array
    {
        [$shelf, $x] = [[], self::MARGIN];
        foreach ($this->plan->waiting() as $id => $quilt) {
            [$width, $height] = null === $quilt['top'] ? [44.0, 56.0] : $this->pixels($quilt['top']);
            $place = max($width, 74.0);
            $shelf[] = [
                'id' => $id,
                'title' => $quilt['title'],
                'short' => self::cut($quilt['title'], $place + self::GAP - self::MARGIN),
                'due' =>
                    null === $quilt['due']
                        ? 'no day'
                        : (new \DateTimeImmutable($quilt['due'], new \DateTimeZone('UTC')))->format('j M'),
                'x' => $x + ($place - $width) / 2,
                'at' => $x,
                'y' => self::HEAD + 14,
                'width' => $width,
                'height' => $height,
                'foot' => self::LANE + self::HEAD - 4,
                'held' => $quilt['held'],
                'mark' =>
                    ['measure' => 'to measure', 'stuck' => 'not yet', 'unknown' => '…', 'beyond' => 'too long'][
                        $quilt['held']
                    ] ?? '',
                'isMeasured' => null !== $quilt['top'],
            ];
            $x += $place + self::GAP;
            if (\count($shelf) >= 40) {
                break;
            }
        }

        return [$shelf, $x];
    }

    /**
     * @param array{float, float} $size millimetres
     *
     * @return array{float, float}
     */
    private function pixels(array $size): array
    {
        // One that is longer than the lane is high stands smaller, in its proportions.
        $scale = self::PIXELS_PER_MM * min(1.0, (self::LANE - self::HEAD - 4) / ($size[1] * self::PIXELS_PER_MM));

        return [round(max(4.0, $size[0] * $scale), 1), round(max(4.0, $size[1] * $scale), 1)];
    }

    /** @return list<array{y: float, words: string}> where it stands, a line each, beside the rail */
    private function lines(OnFrame $one): array
    {
        $words = $one->isFinished
            ? ['every step', 'is done']
            : ["pass $one->pass of $one->passes", ...explode(', ', $one->left, 2)];
        if (null !== $one->parked) {
            array_unshift($words, $one->parkedFor($this->now));
        }

        return array_map(
            static fn(int $i, string $line): array => ['y' => self::HEAD + 22 + 16.0 * $i, 'words' => $line],
            array_keys($words),
            $words,
        );
    }

    /** As much of it as there is room for. */
    private static function cut(string $words, float $width): string
    {
        $most = (int) floor($width / self::LETTER);

        return mb_strlen($words) <= $most ? $words : ($most < 4 ? '' : rtrim(mb_substr($words, 0, $most - 1)) . '…');
    }
}
