<?php

declare(strict_types=1);

namespace Schwung\Core\Queue;

/** What has to be done for a quilt before it can go on its frame. */
final readonly class Wants
{
    /**
     * @param int|null     $rests    minutes that its batting still has to lie opened; null where it does, or none is known
     * @param bool         $isAwaited whether its backing has not come yet
     * @param list<string> $promises what is promised and not done, by key
     * @param bool         $isWithoutBatting whether it has none, and nothing on the shelf serves it
     * @param bool         $isWithoutThread whether the thread that is settled for it does not last
     * @param bool         $isZipped whether its backing is pinned to zips of its own, away from the frame
     */
    public function __construct(
        public ?int $rests = null,
        public bool $isAwaited = false,
        public array $promises = [],
        public bool $isZipped = false,
        public bool $isWithoutBatting = false,
        public bool $isWithoutThread = false,
    ) {}
}
