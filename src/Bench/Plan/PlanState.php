<?php

declare(strict_types=1);

namespace App\Bench\Plan;

/** How far a studio's queue has been worked out: so many changes there were, so many are in it. */
final readonly class PlanState
{
    public function __construct(public int $changes, public int $planned, public ?\DateTimeImmutable $worked) {}

    public function isStale(): bool
    {
        return null === $this->worked || $this->changes > $this->planned;
    }

    public function isOlderThan(int $minutes, \DateTimeImmutable $now): bool
    {
        return null === $this->worked || $this->worked < $now->modify("-{$minutes} minutes");
    }
}
