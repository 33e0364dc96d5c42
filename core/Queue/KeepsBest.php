<?php

declare(strict_types=1);

namespace Schwung\Core\Queue;

/** Of several courses that come to the same place, those are kept that no other beats in everything. */
trait KeepsBest
{
    /** Whether nothing of the other is better. */
    abstract public function beats(self $that): bool;

    /**
     * @param list<self> $those none of which beats another
     *
     * @return list<self> with one more, without what that beats
     */
    public static function kept(array $those, self $new): array
    {
        foreach ($those as $that) {
            if ($that->beats($new)) {
                return $those;
            }
        }

        return [...array_values(array_filter($those, static fn(self $that): bool => !$new->beats($that))), $new];
    }
}
