<?php

declare(strict_types=1);

namespace Schwung\Core\Shelf;

/** A waiting quilt for which nothing is there, or with which a roll comes to its end. */
final readonly class Buy
{
    /**
     * @param string|null $roll id of the roll that runs out before; null where there is none of its kind that is wide enough
     */
    public function __construct(public Need $need, public ?string $roll) {}
}
