<?php

declare(strict_types=1);

namespace Schwung\Core\Practice;

/** What the top is laid straight by: an inner seam, or its outer edge. */
enum Alignment: string implements School
{
    case Seam = 'seam';
    case Edge = 'edge';

    public function words(): string
    {
        return match ($this) {
            self::Seam => 'an inner seam',
            self::Edge => 'its outer edge',
        };
    }

    public function reason(): string
    {
        return match ($this) {
            self::Seam => 'a pieced seam is straighter than an outer edge',
            self::Edge => 'a whole cloth has no seam, and a straight edge is quickly measured',
        };
    }
}
