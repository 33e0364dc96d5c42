<?php

declare(strict_types=1);

namespace Schwung\Core\Loading;

use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\Point;

/** One line of basting on the bed, in millimetres, stitched from one place to the other. */
final readonly class BastingLine
{
    /**
     * @param Length   $inset  how far inside the top's edge; zero for lines that follow none
     * @param bool     $isWavy a light wave within the seam allowance, into which fullness slips
     * @param int|null $pass   the pass before which it is basted; null for those of the loading
     */
    public function __construct(
        public BastingLineKind $kind,
        public Point $from,
        public Point $to,
        public Length $inset,
        public int $perInch,
        public ?int $pass = null,
        public bool $isWavy = false,
    ) {}
}
