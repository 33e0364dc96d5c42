<?php

declare(strict_types=1);

namespace Schwung\Core\Shelf;

use Schwung\Core\Measure\Length;
use Schwung\Core\Practice\Distance;
use Schwung\Core\Practice\Practice;

/**
 * What goes back on the shelf when a part is cut out of the corner of a piece: of the two ways to go on straight from
 * there the one that leaves the larger rectangle whole. An everyday rule: what is narrower than an offcut that is kept
 * is not worth a label.
 */
final readonly class RestRule
{
    public function __construct(private Practice $practice) {}

    /**
     * @param Length $over of the part, along the width
     * @param Length $off  of the part, along the length
     *
     * @return list<Rest> the larger first, none longer or wider than the piece was; empty where nothing is worth keeping
     */
    public function of(Length $width, Length $length, Length $over, Length $off): array
    {
        [$beside, $below] = [$width->minus($over), $length->minus($off)];
        $throughBeside = [new Rest($beside, $length), new Rest($over, $below)];
        $throughBelow = [new Rest($width, $below), new Rest($beside, $off)];
        $largerFirst = static fn(Rest $one, Rest $other): int => $other->squareMetres() <=> $one->squareMetres();
        usort($throughBeside, $largerFirst);
        usort($throughBelow, $largerFirst);
        $rests = $throughBelow[0]->squareMetres() > $throughBeside[0]->squareMetres() ? $throughBelow : $throughBeside;

        return array_values(
            array_filter($rests, fn(Rest $rest): bool => $rest->isAtLeast($this->practice->at(Distance::OffcutKept))),
        );
    }
}
