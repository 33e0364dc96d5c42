<?php

declare(strict_types=1);

namespace Schwung\Core\Shelf;

use Schwung\Core\Measure\Length;

/** What one need gets: a piece, or a length off a roll. */
final readonly class Cut
{
    /**
     * @param bool        $turned whether the quilt's across runs along the piece, or along the roll
     * @param Length|null $length to cut off the roll; null for a piece
     */
    public function __construct(
        public string $need,
        public string $from,
        public bool $turned,
        public ?Length $length,
    ) {}
}
