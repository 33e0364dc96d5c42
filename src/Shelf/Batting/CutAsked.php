<?php

declare(strict_types=1);

namespace App\Shelf\Batting;

use App\Quilt\Quilt;
use Schwung\Core\Measure\Length;

/**
 * A cut as somebody asks for it.
 *
 * Made with named arguments.
 */
final readonly class CutAsked
{
    /**
     * @param int    $version of the batting, as whoever asks has seen it
     * @param Length $over    of the part, along the width
     * @param Length $off     of the part, along the length
     * @param string $key     a second click has the same
     */
    public function __construct(
        public int $version,
        public Length $over,
        public Length $off,
        public ?Quilt $quilt,
        public string $person,
        public string $key,
    ) {}
}
