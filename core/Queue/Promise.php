<?php

declare(strict_types=1);

namespace Schwung\Core\Queue;

/** When a quilt can be done: minutes of the wall clock. */
final readonly class Promise
{
    /**
     * @param int $start when it goes on its frame
     * @param int $even  by when the chance is even
     * @param int $safe  by when it is four in five
     */
    public function __construct(public string $frame, public int $start, public int $even, public int $safe) {}

    /** @return int counted from the first day */
    public function evenDay(): int
    {
        return intdiv($this->even - 1, WorkingTime::DAY);
    }

    public function safeDay(): int
    {
        return intdiv($this->safe - 1, WorkingTime::DAY);
    }
}
