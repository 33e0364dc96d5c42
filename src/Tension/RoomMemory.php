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

    /** @param \Closure(): string $make the page's part for these words */
    public function page(Studio $studio, string $words, \Closure $make): string
    {
        return $this->keep($studio, 'page-' . hash('xxh128', $words), $make);
    }

    /**
     * @param \Closure(): list<Pattern> $find
     *
     * @return list<Pattern>
     */
    public function patterns(Studio $studio, \Closure $find): array
    {
        return $this->keep($studio, 'patterns', $find);
    }

    /**
     * @param \Closure(): array<string, int> $count
     *
     * @return array<string, int> how often a remedy against each cause has helped
     */
    public function confirmed(Studio $studio, \Closure $count): array
    {
        return $this->keep($studio, 'confirmed', $count);
    }

    /**
     * @template T
     *
     * @param \Closure(): T $make
     *
     * @return T
     */
    private function keep(Studio $studio, string $what, \Closure $make): mixed
    {
        $key = \sprintf('tension-%s-%s-%d-%s', $this->build->id(), $studio->id(), $studio->seen(), $what);

        return $this->cache->get($key, static function (ItemInterface $item) use ($make): mixed {
            $item->expiresAfter(self::SECONDS);

            return $make();
        });
    }
}
