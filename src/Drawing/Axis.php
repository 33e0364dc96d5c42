<?php

declare(strict_types=1);

namespace App\Drawing;

/** One axis of a plot: what it shows, from where to where, with ticks at round numbers. */
final readonly class Axis
{
    /** @param array<array-key, float> $ticks places by their words */
    private function __construct(public string $words, public float $from, public float $to, public array $ticks) {}

    /**
     * Over all of these values, begun at a round number below them and ended at one above.
     *
     * @param non-empty-list<float> $values
     * @param int                   $about so many ticks, or few more
     */
    public static function over(string $words, array $values, int $about = 4): self
    {
        [$least, $most] = [min($values), max($values)];
        if ($most - $least < 1e-9) {
            [$least, $most] = [$least - 0.5, $most + 0.5];
        }
        $step = self::round(($most - $least) / $about);
        [$from, $to] = [floor($least / $step + 1e-9) * $step, ceil($most / $step - 1e-9) * $step];
        $digits = max(0, (int) ceil(-log10($step) - 1e-9));
        $ticks = [];
        for ($at = $from; $at <= $to + $step / 2; $at += $step) {
            $ticks[strtr(number_format($at, $digits, '.', ''), ['-' => '−'])] = $at;
        }

        return new self($words, $from, $to, $ticks);
    }

    /**
     * With ticks that have words of their own.
     *
     * @param non-empty-array<array-key, float> $ticks
     */
    public static function of(string $words, array $ticks): self
    {
        $places = array_values($ticks);

        return new self($words, min($places) - 0.5, max($places) + 0.5, $ticks);
    }

    /** As a share of its length. */
    public function share(float $value): float
    {
        return ($value - $this->from) / ($this->to - $this->from);
    }

    /** The next of 1, 2, 5 times a power of ten that is no less. */
    private static function round(float $step): float
    {
        $power = 10 ** floor(log10($step));
        foreach ([1, 2, 5, 10] as $times) {
            if ($step <= $times * $power * (1 + 1e-9)) {
                return $times * $power;
            }
        }

        return 10 * $power;
    }
}
