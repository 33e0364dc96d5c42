<?php

declare(strict_types=1);

namespace App\Bench;

use App\Account\Person;
use App\Account\Studio;
use App\Bench\Plan\PlanState;
use App\Platform\Build;
use App\Platform\Kept\OneLook;
use Psr\Clock\ClockInterface;
use Symfony\Contracts\Cache\CacheInterface;
use Symfony\Contracts\Cache\ItemInterface;

/** Keeps the bench as it was rendered until anything changes that is on it; tokens of forms are put in each time. */
final readonly class BenchMemory
{
    /** What stands for a token while it is kept, by the token's id. */
    public const TOKENS = [
        'bench' => '-token-of-bench-',
        'quilt' => '-token-of-quilt-',
        'task' => '-token-of-task-',
        'new' => '-a-new-key-',
    ];
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

        return $this->cache->get($key, static function (ItemInterface $item) use ($make): string {
            $item->expiresAfter(self::SECONDS);

            return $make();
        });
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

    public function withTokens(string $body): string
    {
        $put = [];
        foreach (self::TOKENS as $id => $stands) {
            $put[$stands] = 'new' === $id ? $this->look->newKey() : $this->look->getToken($id)->getValue();
        }

        return strtr($body, $put);
    }
}
