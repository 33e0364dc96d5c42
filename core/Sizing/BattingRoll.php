<?php

declare(strict_types=1);

namespace Schwung\Core\Sizing;

use Schwung\Core\Measure\Length;
use Schwung\Core\Practice\Distance;
use Schwung\Core\Practice\Practice;

/** Rule 6, from a roll: what to cut off a roll of batting for a needed size, least first. */
final readonly class BattingRoll
{
    public function __construct(private Practice $practice) {}

    /** @return list<RollCut> empty where the roll is too narrow both ways */
    public function cuts(Length $across, Length $along, Length $rollWidth): array
    {
        $cuts = [];
        foreach ([[$across, $along], [$along, $across]] as [$overRoll, $offRoll]) {
            $offcut = $rollWidth->minus($overRoll);
            if (!$offcut->isNegative()) {
                $cuts[] = new RollCut(
                    $offRoll,
                    $offcut,
                    !$offcut->isShorterThan($this->practice->at(Distance::OffcutKept)),
                );
            }
        }
        usort($cuts, static fn(RollCut $one, RollCut $other): int => $one->length->compareTo($other->length));

        return $cuts;
    }
}
