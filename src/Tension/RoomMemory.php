<?php

declare(strict_types=1);

namespace App\Tension;

use App\Account\Studio;
use App\Platform\Build;
use Schwung\Core\Tension\Pattern;
use Symfony\Contracts\Cache\CacheInterface;
use Symfony\Contracts\Cache\ItemInterface;

/** Keeps what was gathered from a studio's whole log until something is added to it: RoomChanges counts that. */
final readonly class RoomMemory
{
    private const SECONDS = 86_400;

    public function __construct(private CacheInterface $cache, private Build $build) {}

    /**
     * @param \Closure(): string $make
     *
     * @return string the page's part for these words
     */
    public function page(Studio $studio, string $words, \Closure $make): string
    {
        return $this->cache->get($this->key($studio, 'page-' . hash('xxh128', $words)), static function (
            ItemInterface $item,
        ) use ($make): string {
            $item->expiresAfter(self::SECONDS);

            return $make();
        });
    }

    /**
     * @param \Closure(): list<Pattern> $find
     *
     * @return list<Pattern>
     */
    public function patterns(Studio $studio, \Closure $find): array
    {
        return $this->cache->get($this->key($studio, 'patterns'), static function (ItemInterface $item) use (
            $find,
        ): array {
            $item->expiresAfter(self::SECONDS);

            return $find();
        });
    }

    /**
     * @param \Closure(): array<string, int> $count
     *
     * @return array<string, int> how often a remedy against each cause has helped
     */
    public function confirmed(Studio $studio, \Closure $count): array
    {
        return $this->cache->get($this->key($studio, 'confirmed'), static function (ItemInterface $item) use (
            $count,
        ): array {
            $item->expiresAfter(self::SECONDS);

            return $count();
        });
    }

    private function key(Studio $studio, string $what): string
    {
        return \sprintf('tension-%s-%s-%d-%s', $this->build->id(), $studio->id(), $studio->seen(), $what);
    }
}
