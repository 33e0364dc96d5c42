<?php

declare(strict_types=1);

namespace Schwung\Core\Queue;

use Schwung\Core\Loading\StepKind;

/** What a studio's finished steps have taught of its times, kind by kind. */
final readonly class Factors
{
    /** @param array<string, Factor> $byKind by the words of StepKind; a kind that nobody has seen is as estimated */
    public function __construct(public array $byKind = []) {}

    public function of(StepKind $kind): Factor
    {
        return $this->byKind[$kind->value] ?? new Factor();
    }

    /** @param list<StepTime> $times in the order in which they were done */
    public function taught(array $times): self
    {
        $byKind = $this->byKind;
        foreach ($times as $time) {
            if ($time->expected > 0 && $time->real > 0) {
                $byKind[$time->kind->value] = ($byKind[$time->kind->value] ?? new Factor())->taught(
                    $time->expected,
                    $time->real,
                );
            }
        }

        return new self($byKind);
    }
}
