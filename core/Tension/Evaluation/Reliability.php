<?php

declare(strict_types=1);

namespace Schwung\Core\Tension\Evaluation;

/**
 * How far the chances that are told can be believed: cases by the chance that their first cause was given, with how
 * often it was the right one. The expected calibration error is what the two differ by, over all cases (Naeini).
 */
final readonly class Reliability
{
    private const BINS = 5;

    /** @param list<array{from: float, to: float, cases: int, said: float, right: float}> $bins that have any */
    private function __construct(public array $bins, public float $error) {}

    /** @param non-empty-list<Found> $found */
    public static function of(array $found): self
    {
        $sorted = [];
        foreach ($found as $one) {
            $sorted[min(self::BINS - 1, (int) floor($one->chance * self::BINS))][] = $one;
        }
        ksort($sorted);
        [$bins, $error] = [[], 0.0];
        foreach ($sorted as $bin => $ones) {
            $said = array_sum(array_map(static fn(Found $one): float => $one->chance, $ones)) / \count($ones);
            $right = \count(array_filter($ones, static fn(Found $one): bool => 1 === $one->place)) / \count($ones);
            $error += (\count($ones) / \count($found)) * abs($said - $right);
            $bins[] = [
                'from' => $bin / self::BINS,
                'to' => ($bin + 1) / self::BINS,
                'cases' => \count($ones),
                'said' => round($said, 3),
                'right' => round($right, 3),
            ];
        }

        return new self($bins, $error);
    }
}
