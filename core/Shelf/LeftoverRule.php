<?php

declare(strict_types=1);

namespace Schwung\Core\Shelf;

use Schwung\Core\Measure\Length;
use Schwung\Core\Practice\Distance;
use Schwung\Core\Practice\Practice;
use Schwung\Core\Sizing\BindingRule;

/**
 * What trimming leaves: a strip over the whole backing at lead and tail, one as long as the quilt at each side, and
 * whether they would make the binding or a sleeve to hang it by. Everyday rules: a binding is cut across in strips of
 * one width and joined; a sleeve is as long as the quilt is wide, less an inch at each end.
 */
final readonly class LeftoverRule
{
    private const SLEEVE_SHORTER_INCHES = 2;

    public function __construct(private Practice $practice) {}

    /**
     * @param array{lead: Length, tail: Length, left: Length, right: Length} $margins of the backing beyond the cut
     * @param Length $across of the quilt, as it lay on the frame
     */
    public function of(array $margins, Length $across, Length $along): Leftovers
    {
        $whole = $across->plus($margins['left'], $margins['right']);
        $strips = [];
        foreach ($margins as $where => $width) {
            if ($width->isPositive()) {
                $strips[] = new Strip($where, $width, \in_array($where, ['lead', 'tail'], true) ? $whole : $along);
            }
        }
        $sleeve = $across->minus(Length::inches(self::SLEEVE_SHORTER_INCHES));
        $deep = $this->practice->at(Distance::SleeveStrip);
        $gives = array_map(
            fn(Strip $strip): Length => $strip->gives($this->practice->at(Distance::BindingStrip)),
            $strips,
        );

        return new Leftovers(
            strips: $strips,
            binding: (new BindingRule())->length($across, $along),
            ofBinding: Length::zero()->plus(...$gives),
            sleeve: $sleeve,
            hasSleeve: [] !==
                array_filter(
                    $strips,
                    static fn(Strip $strip): bool => !$strip->width->isShorterThan($deep) &&
                        !$strip->length->isShorterThan($sleeve),
                ),
        );
    }

    /** How many strips of a bolt make a binding; its whole width is used, selvedges off. */
    public function stripsOf(Length $binding, Length $bolt): int
    {
        return (int) ceil($binding->nanometres / max(1, $bolt->nanometres));
    }
}
