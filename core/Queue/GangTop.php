<?php

declare(strict_types=1);

namespace Schwung\Core\Queue;

use Schwung\Core\Measure\Length;

/** A quilt that waits, as far as it matters for loading it beside others. */
final readonly class GangTop
{
    /**
     * @param Length      $across  along the rails, as it would lie
     * @param Length      $along   of the frame
     * @param string      $alike   what must be the same of all: batting and thread
     * @param int|null    $due     counted from any day
     * @param list<string> $frames that it can go on
     */
    public function __construct(
        public string $id,
        public Length $across,
        public Length $along,
        public string $alike,
        public ?int $due,
        public array $frames,
    ) {}
}
