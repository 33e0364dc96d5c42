<?php

declare(strict_types=1);

namespace Schwung\Core\Queue;

/** What is on a frame already: it is finished before anything else begins there. */
final readonly class Running
{
    /** @param array<string, string>|null $traits null where nobody said: what follows needs no change then */
    public function __construct(
        public string $id,
        public string $frame,
        public int $minutesLeft,
        public ?array $traits = null,
    ) {}
}
