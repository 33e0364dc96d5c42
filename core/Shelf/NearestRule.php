<?php

declare(strict_types=1);

namespace Schwung\Core\Shelf;

/**
 * Which earlier sandwiches are most like a new one: the same kind of backing and of batting count most, then a loft and
 * a thread that are near. What nobody knows of either counts half of what would differ. Everyday weights.
 */
final readonly class NearestRule
{
    private const OTHER_BACKING = 2.0;
    private const OTHER_BATTING = 2.0;
    /** Of a loft that is twice as high, and of a thread that is twice as heavy. */
    private const DOUBLE = 1.0;

    /**
     * @template K of array-key
     *
     * @param array<K, Sandwich> $earlier
     *
     * @return list<K> the most like it first; those that are as like it keep their order
     */
    public function nearest(Sandwich $new, array $earlier, int $most): array
    {
        $far = array_map(fn(Sandwich $one): float => $this->distance($new, $one), $earlier);
        asort($far);

        return \array_slice(array_keys($far), 0, $most);
    }

    /** Zero of the same. */
    public function distance(Sandwich $one, Sandwich $other): float
    {
        return $this->kinds($one->backing, $other->backing, self::OTHER_BACKING) +
            $this->kinds($one->batting, $other->batting, self::OTHER_BATTING) +
            $this->measures($one->loft, $other->loft) +
            $this->measures($one->tex, $other->tex);
    }

    private function kinds(?\BackedEnum $one, ?\BackedEnum $other, float $weight): float
    {
        return match (true) {
            null === $one || null === $other => $weight / 2,
            $one === $other => 0.0,
            default => $weight,
        };
    }

    private function measures(?float $one, ?float $other): float
    {
        return null === $one || null === $other || $one <= 0 || $other <= 0
            ? self::DOUBLE / 2
            : self::DOUBLE * abs(log($one / $other, 2));
    }
}
