<?php

declare(strict_types=1);

namespace App\Clients;

use App\AtTheFrame\OffSheet;
use App\AtTheFrame\Run;
use App\Bench\Times\RunTimes;

/** A load that has ended, with what it taught. */
final readonly class PastLoad
{
    public OffSheet $off;

    public function __construct(public Run $run, private ?RunTimes $times)
    {
        $this->off = $run->off();
    }

    /** @return array{expected: float, took: float}|null minutes of the steps that were written down; null where none was */
    public function minutes(): ?array
    {
        $sum = fn(string $what): float => array_sum(
            array_map(fn(string $phase): float => $this->times?->sum("$phase $what") ?? 0.0, [
                'loading',
                'stitching',
                'tending',
            ]),
        );

        return 0.0 === $sum('took') ? null : ['expected' => $sum('expected'), 'took' => $sum('took')];
    }

    public function problems(): int
    {
        return (int) ($this->times?->sum('problems') ?? 0);
    }

    public function isSo(string $how): bool
    {
        $minutes = $this->minutes();

        return match ($how) {
            '' => true,
            'problems' => $this->problems() > 0,
            'longer' => null !== $minutes && $minutes['took'] > 1.1 * $minutes['expected'],
            default => $how === $this->off->flatness,
        };
    }
}
