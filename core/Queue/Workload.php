<?php

declare(strict_types=1);

namespace Schwung\Core\Queue;

use Schwung\Core\Loading\StepKind;
use Schwung\Core\Loading\StepList;

/** The minutes that a load is estimated to take, kind by kind and phase by phase, before anything learnt is applied. */
final readonly class Workload
{
    /**
     * @param array<string, array{float, float}> $parts by the words of Phase and StepKind, "loading attach": the minutes
     *   of its steps, and the sum of their squares, from which the variance of the whole is worked out
     */
    public function __construct(public array $parts) {}

    /** @param array<string, mixed> $done by the keys of the steps that are done already and count no more */
    public static function of(StepList $list, array $done = []): self
    {
        [$parts, $isLoaded] = [[], false];
        foreach ($list->steps as $step) {
            $isLoaded = $isLoaded || StepKind::Stitch === $step->kind;
            if (!isset($done[$step->key])) {
                $key = Phase::of($step->kind, $isLoaded)->value . ' ' . $step->kind->value;
                [$minutes, $squares] = $parts[$key] ?? [0.0, 0.0];
                $parts[$key] = [$minutes + $step->minutes, $squares + $step->minutes ** 2];
            }
        }

        return new self($parts);
    }

    /** What it takes a studio that has learnt so much. */
    public function estimate(Factors $factors): Estimate
    {
        $minutes = array_fill_keys(array_column(Phase::cases(), 'value'), 0.0);
        [$unlearnt, $variance] = [0.0, 0.0];
        foreach ($this->parts as $key => [$sum, $squares]) {
            [$phase, $kind] = explode(' ', $key, 2);
            $factor = $factors->of(StepKind::from($kind));
            $minutes[$phase] += $sum * $factor->value;
            $unlearnt += $sum;
            $variance += $squares * $factor->spread ** 2;
        }

        return new Estimate(
            $minutes[Phase::Loading->value],
            $minutes[Phase::Stitching->value],
            $minutes[Phase::Tending->value],
            $unlearnt,
            $variance,
        );
    }
}
