<?php

declare(strict_types=1);

namespace App\AtTheFrame;

use Schwung\Core\Loading\Group;
use Schwung\Core\Loading\Setting;
use Schwung\Core\Loading\Shown;
use Schwung\Core\Loading\Step;
use Schwung\Core\Loading\StepKind;
use Schwung\Core\Loading\StepList;

/** A step as the page shows it: with its place among those of its group or pass. */
final readonly class StepCard
{
    private function __construct(
        public Step $step,
        public int $place,
        public string $heading,
        public string $picture,
        public string $state,
    ) {}

    /**
     * @param list<string> $states the keys of the pictures of how each step leaves the frame
     *
     * @return list<self>
     */
    public static function all(StepList $list, array $states): array
    {
        $totals = array_count_values(array_map(self::room(...), $list->steps));
        $counts = [];
        $cards = [];
        foreach ($list->steps as $i => $step) {
            $room = self::room($step);
            $counts[$room] = 1 + ($counts[$room] ?? 0);
            $cards[] = new self(
                $step,
                $i,
                \sprintf('%s, step %d of %d', ucfirst($room), $counts[$room], $totals[$room]),
                Shown::Side === $step->shows ? $states[$i] : FramePictures::key($step),
                $states[$i],
            );
        }

        return $cards;
    }

    private static function room(Step $step): string
    {
        return Group::Pass === $step->group && null !== $step->pass
            ? 'pass ' . $step->pass
            : match ($step->group) {
                Group::Ready => 'ready',
                Group::Centres => 'centres',
                Group::Backing => 'backing',
                Group::Batting => 'batting',
                Group::Top => 'top',
                Group::Clamps => 'clamps',
                Group::Pass => 'borders',
                Group::LastEdge => 'last edge',
                Group::Off => 'off the frame',
            };
    }

    public function isStitching(): bool
    {
        return StepKind::Stitch === $this->step->kind;
    }

    /** Whether a sentence wants smaller letters to be seen at one glance. */
    public function isLong(string $text): bool
    {
        return mb_strlen($text) > 95;
    }

    /**
     * The number that a figure begins with, and the rest of it; the number is empty where it begins with a word.
     *
     * @return array{string, string}
     */
    public function figureParts(string $figure): array
    {
        return 1 === preg_match('/^(\d[\d ½¼¾⅛⅜⅝⅞.]*|[½¼¾⅛⅜⅝⅞]) (.+)$/u', $figure, $found)
            ? [trim($found[1]), $found[2]]
            : ['', $figure];
    }

    /** What the frame must be like, as the page reads it: "pins and holders:0;side clamps:off". */
    public function needs(): string
    {
        return self::pairs($this->step->needs);
    }

    /** What the frame is like afterwards, in the same way. */
    public function leaves(): string
    {
        return self::pairs($this->step->leaves);
    }

    /** @param list<Setting> $settings */
    private static function pairs(array $settings): string
    {
        return implode(
            ';',
            array_map(static fn(Setting $setting): string => "{$setting->part->value}:$setting->value", $settings),
        );
    }
}
