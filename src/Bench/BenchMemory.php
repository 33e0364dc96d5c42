<?php

declare(strict_types=1);

namespace App\Bench;

use App\Account\Person;
use App\Account\Studio;
use App\Bench\Plan\PlanState;
use App\Platform\Build;
use App\Platform\Kept\KeptPage;
use App\Platform\Kept\OneLook;
use Psr\Clock\ClockInterface;
use Symfony\Contracts\Cache\CacheInterface;
use Symfony\Contracts\Cache\ItemInterface;

/** Keeps the parts of the bench as they were rendered until anything changes that is on them. */
final readonly class BenchMemory
{
    private const SECONDS = 600;
    private const MINUTE = 60;
    /** What is said of hours and days gone by is that old at most. */
    private const STEP_SECONDS = 120;

    public function __construct(
        private CacheInterface $cache,
        private OneLook $look,
        private Build $build,
        private ClockInterface $clock,
    ) {}

    /**
     * @param string             $part of the page
     * @param \Closure(): string $make
     */
    public function part(string $part, Person $person, PlanState $state, \Closure $make): string
    {
        $key = implode('-', [
            'bench',
            $part,
            $this->build->id(),
            $person->studio()->id(),
            $person->units()->value,
            $state->changes,
            $state->planned,
            $state->worked?->getTimestamp() ?? 0,
            intdiv($this->clock->now()->getTimestamp(), self::STEP_SECONDS),
        ]);

        $kept = $this->cache->get($key, function (ItemInterface $item) use ($key, $make): KeptPage {
            $item->expiresAfter(self::SECONDS);

            return $this->look->keep($key, $make());
        });

        return $this->look->show($kept);
    }

    /** Whether nobody else of the studio has looked for a minute: what is old is asked for once. */
    public function isFirstThisMinute(Studio $studio): bool
    {
        $isFirst = false;
        $this->cache->get("looked-at-bench-{$studio->id()}", static function (ItemInterface $item) use (
            &$isFirst,
        ): bool {
            $item->expiresAfter(self::MINUTE);

            return $isFirst = true;
        });

        return $isFirst;
    }
}
