<?php

declare(strict_types=1);

namespace Schwung\Core\Exchange;

use Schwung\Core\Job\Finish;
use Schwung\Core\Job\Quilting;
use Schwung\Core\Job\QuiltingStyle;
use Schwung\Core\Job\RowDesign;

/** Reads the member "quilting" of a job. */
final readonly class QuiltingReader
{
    public function read(Node $node): ?Quilting
    {
        $members = $node->members(['style', 'row_height', 'gap', 'overhang', 'finish', 'directional']);
        $directional = $members['directional']->isMissing() ? false : $members['directional']->flag();
        $style = $members['style']->word(QuiltingStyle::class);
        if (null === $style || null === $directional) {
            return null;
        }
        if (QuiltingStyle::Blocks === $style) {
            return Quilting::blocks($directional);
        }
        $rows = $this->rows($members);

        return null === $rows ? null : Quilting::rows($rows, $directional);
    }

    /** @param array<string, Node> $members */
    private function rows(array $members): ?RowDesign
    {
        $height = $members['row_height']->size();
        $gap = $members['gap']->signedLength();
        $overhang = $members['overhang']->allowance();
        $finish = $members['finish']->word(Finish::class);
        if (null !== $height && null !== $gap && !$gap->plus($height->half())->isPositive()) {
            $members['gap']->fault('a gap above minus half the row height');

            return null;
        }

        return null === $height || null === $gap || null === $overhang || null === $finish
            ? null
            : new RowDesign($height, $gap, $overhang, $finish);
    }
}
