<?php

declare(strict_types=1);

namespace Tests\Core\Season;

use Schwung\Core\Job\Entries;

/** Every entry of a quilt as it is declared: its type, what stands there at first, what may stand there. */
final readonly class AllEntries implements Account
{
    public function pages(): int
    {
        return 1;
    }

    public function page(int $number): iterable
    {
        foreach (Entries::all() as $entry) {
            yield $entry->path . ' ' . Words::of([$entry, $entry->choices()]);
        }
    }
}
