<?php

declare(strict_types=1);

namespace Schwung\Core\Preparation;

use Schwung\Core\Loading\Setup;

/** What of a quilt has to do with drawing in (rule 28): the loft of its batting, and how closely it is stitched. */
final readonly class DrawingIn
{
    /** In millimetres: as it was measured, or as such a batting is; null without one. */
    public static function loft(Preparation $preparation): ?float
    {
        $batting = $preparation->known->parts->batting;

        return null === $batting ? null : $preparation->known->practice->thickness->loft($batting)->toMillimetres();
    }

    /** Millimetres that are stitched for each square millimetre. */
    public static function density(Setup $setup): float
    {
        return $setup->thread->stitched->toMillimetres() /
            ($setup->across()->toMillimetres() * $setup->along()->toMillimetres());
    }
}
