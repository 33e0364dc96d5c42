<?php

declare(strict_types=1);

namespace Schwung\Core\Shelf;

use Schwung\Core\Advance\Wind;
use Schwung\Core\Measure\Length;
use Schwung\Core\Sizing\LaidPiece;

/**
 * In which pass a piece of a pieced batting is laid in: the first whose bed reaches it. Of a quilt that is turned round
 * at its middle the passes come from both ends.
 */
final readonly class AdvanceRule
{
    /**
     * @param list<Wind> $winds in the order of the work
     * @param Length     $lead  how far the batting lies beyond the lead edge of the top
     *
     * @return int the number of the pass, from 1; 1 where there are no passes yet
     */
    public function pass(LaidPiece $piece, array $winds, Length $lead): int
    {
        $from = $piece->top->minus($lead)->toMillimetres();
        $to = $from + $piece->along->toMillimetres();
        foreach ($winds as $wind) {
            if ($wind->to > $from && $wind->from < $to) {
                return $wind->number;
            }
        }

        return [] === $winds || $from <= 0 ? 1 : $winds[\count($winds) - 1]->number;
    }
}
