<?php

declare(strict_types=1);

namespace App\Tension;

use App\Account\Studio;

/** What a studio has found out for itself: how often a remedy against each cause has helped. */
final readonly class Confirmed
{
    public function __construct(private ProblemLog $log, private RoomMemory $memory) {}

    /** @return array<string, int> by the words of Cause */
    public function of(Studio $studio): array
    {
        return $this->memory->confirmed($studio, fn(): array => $this->counted($studio));
    }

    /** @return array<string, int> */
    private function counted(Studio $studio): array
    {
        $confirmed = [];
        foreach ($this->log->fixes($studio) as $fix) {
            if ($fix['worked']) {
                $confirmed[$fix['cause']] = 1 + ($confirmed[$fix['cause']] ?? 0);
            }
        }

        return $confirmed;
    }
}
