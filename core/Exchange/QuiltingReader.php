<?php

declare(strict_types=1);

namespace Schwung\Core\Exchange;

/** Checks the member "quilting" of a job. */
final readonly class QuiltingReader
{
    public function check(Node $node): void
    {
        $members = $node->members(['style', 'row_height', 'gap', 'overhang', 'finish', 'directional']);
        if (!$members['directional']->isMissing()) {
            $members['directional']->flag();
        }
        if ('rows' !== $members['style']->oneOf(['rows', 'blocks'])) {
            return;
        }
        $height = $members['row_height']->size();
        $gap = $members['gap']->signedLength();
        $members['overhang']->allowance();
        $members['finish']->oneOf(['run-off', 'fit-scale', 'fit-gap']);
        if (null !== $height && null !== $gap && !$gap->plus($height->half())->isPositive()) {
            $members['gap']->fault('a gap above minus half the row height');
        }
    }
}
