<?php

declare(strict_types=1);

namespace Schwung\Core\Leader;

use Schwung\Core\Measure\Length;

/** How many past loads hung from each part of a leader: steps between places where the count changes. */
final readonly class Wear
{
    /** @param list<array{Length, Length, int}> $steps from, to and loads, from left to right without gaps */
    private function __construct(public array $steps) {}

    /** @param list<PastLoad> $loads */
    public static function of(array $loads): self
    {
        $changes = [];
        foreach ($loads as $load) {
            $changes[$load->from()->nanometres] = ($changes[$load->from()->nanometres] ?? 0) + 1;
            $changes[$load->to()->nanometres] = ($changes[$load->to()->nanometres] ?? 0) - 1;
        }
        ksort($changes);
        [$steps, $count, $from] = [[], 0, null];
        foreach ($changes as $at => $change) {
            if (null !== $from && $at > $from) {
                $steps[] = [Length::ofNanometres($from), Length::ofNanometres($at), $count];
            }
            $count += $change;
            $from = $at;
        }

        return new self($steps);
    }

    /** The most loads on any part of a span that have some length in common with it. */
    public function peakOver(Length $from, Length $to): int
    {
        $peak = 0;
        foreach ($this->steps as [$left, $right, $count]) {
            $peak = $left->isShorterThan($to) && $right->isLongerThan($from) ? max($peak, $count) : $peak;
        }

        return $peak;
    }

    /** Loads on the average over a span. */
    public function meanOver(Length $from, Length $to): float
    {
        $sum = 0.0;
        foreach ($this->steps as [$left, $right, $count]) {
            $common = Length::shortest($right, $to)->minus(Length::longest($left, $from));
            $sum += $common->isPositive() ? $count * $common->toMillimetres() : 0;
        }

        return $sum / $to->minus($from)->toMillimetres();
    }

    public function peak(): int
    {
        return max([0, ...array_map(static fn(array $step): int => $step[2], $this->steps)]);
    }
}
