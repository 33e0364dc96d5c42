<?php

declare(strict_types=1);

namespace Schwung\Core\Sizing;

use Schwung\Core\Measure\Point;

/**
 * Where everything lies on the bed, in millimetres: x = 0 at the middle of the top, y = 0 at its lead edge, growing
 * toward the quilter.
 */
final readonly class BedLayout
{
    /**
     * @param list<Point>                $backing      its own top-left, top-right, bottom-right and bottom-left corner,
     *   where they lie once loaded
     * @param list<array{Point, Point}>  $backingSeams
     * @param list<array{float, string}> $acrossSeams  seams of the top along the rails: y and kind
     * @param list<array{float, string}> $alongSeams   seams of the top from roller to roller: x and kind
     */
    public function __construct(
        public Box $top,
        public Box $required,
        public ?Box $batting,
        public array $backing,
        public array $backingSeams,
        public array $acrossSeams,
        public array $alongSeams,
    ) {}
}
