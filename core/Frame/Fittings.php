<?php

declare(strict_types=1);

namespace Schwung\Core\Frame;

/** What a frame has beside its measures. */
final readonly class Fittings
{
    /**
     * @param bool|null $hasTable   a flat table under the rollers; null where nobody said
     * @param int|null  $sideClamps how many there are for both sides together; null where nobody counted
     */
    public function __construct(
        public bool $hasSteelBars = false,
        public ?bool $hasTable = null,
        public ?int $sideClamps = null,
        public Machine $machine = new Machine(),
    ) {}
}
