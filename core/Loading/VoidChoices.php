<?php

declare(strict_types=1);

namespace Schwung\Core\Loading;

use Schwung\Core\Measure\Phrase;
use Schwung\Core\Practice\FarEdge;
use Schwung\Core\Practice\FloatKind;

/** Which schools of loading change nothing on this load, and why. */
final readonly class VoidChoices
{
    /** @return array<string, Phrase> by the path of the entry */
    public function of(Setup $setup): array
    {
        $floats = FloatKind::Full === $setup->float();

        return array_filter([
            'desk/order' => $setup->isClamped()
                ? Phrase::of('There are no rollers on this frame.')
                : ($floats
                    ? Phrase::of('The top floats: only the backing goes on a roller.')
                    : null),
            'desk/last_edge' => $floats
                ? Phrase::of('The top floats: no roller keeps its edge, so that choice counts as pinned.')
                : null,
            'desk/guide' => FarEdge::Wavy === $setup->habits->farEdge ? Phrase::of('A wave is stitched by eye.') : null,
        ]);
    }
}
