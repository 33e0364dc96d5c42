<?php

declare(strict_types=1);

namespace App\Tension\FreeBench;

use Schwung\Core\Measure\Phrase;

/** One thing about the bed that can be moved: whole steps between two ends. */
final readonly class Slider
{
    /** @param Phrase $says where it stands, in words */
    public function __construct(
        public string $name,
        public string $label,
        public int $least,
        public int $most,
        public int $value,
        public Phrase $says,
    ) {}
}
