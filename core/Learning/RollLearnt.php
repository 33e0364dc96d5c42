<?php

declare(strict_types=1);

namespace Schwung\Core\Learning;

use Schwung\Core\Measure\Length;

/**
 * How thick a sandwich lies on its roll, as read; an estimate. All but the state are null while too little was read.
 */
final readonly class RollLearnt
{
    /**
     * @param Length|null $thickness of one turn
     * @param Length|null $error     one standard error of it
     * @param float|null  $factor    of the thickness that was planned with
     * @param int         $readings  that it rests on
     */
    public function __construct(
        public RollState $state,
        public ?Length $thickness,
        public ?Length $error,
        public ?float $factor,
        public int $readings,
    ) {}
}
