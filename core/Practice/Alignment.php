<?php

declare(strict_types=1);

namespace Schwung\Core\Practice;

/** What the top is laid straight by: an inner seam, or its outer edge. */
enum Alignment: string implements School
{
    case Seam = 'seam';
    case Edge = 'edge';
    case Rail = 'rail';

    public function words(): string
    {
        return match ($this) {
            self::Seam => 'an inner seam',
            self::Edge => 'its outer edge',
            self::Rail => 'measured from the rail',
        };
    }

    public function reason(): string
    {
        return match ($this) {
            self::Seam => 'a pieced seam is straighter than an outer edge',
            self::Edge => 'a whole cloth has no seam, and a straight edge is quickly measured',
            self::Rail => 'a tape needs neither lock nor seam',
        };
    }
}
