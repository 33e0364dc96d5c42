<?php

declare(strict_types=1);

namespace Schwung\Core\Attachment;

use Schwung\Core\Material\Direction;
use Schwung\Core\Material\Top;
use Schwung\Core\Material\TopSeam;
use Schwung\Core\Measure\Length;

/**
 * Where clips on the top roller mark seams that run from roller to roller, so that every advance shows drift: two to
 * four of them, spread as evenly over the width as the seams allow.
 */
final readonly class DriftMarkers
{
    private const MOST = 4;

    /**
     * @return list<Length> places on the rail from its centre mark, from left to right; fewer than two where seams are
     * few
     */
    public function places(Top $top, Direction $direction, Length $position): array
    {
        $seams = array_map(static fn(TopSeam $seam): Length => $seam->at, $top->seamsRollerToRoller($direction));
        $across = $top->across($direction);
        $count = min(self::MOST, \count($seams));
        $chosen = [];
        for ($i = 0; $i < $count; ++$i) {
            $wanted = $across->scaledBy(2 * $i + 1, 2 * $count);
            $nearest = null;
            foreach ($seams as $key => $seam) {
                $distance = abs($seam->minus($wanted)->nanometres);
                $nearest = null === $nearest || $distance < $nearest[0] ? [$distance, $key] : $nearest;
            }
            if (null !== $nearest) {
                $chosen[] = $seams[$nearest[1]];
                unset($seams[$nearest[1]]);
            }
        }
        usort($chosen, static fn(Length $one, Length $other): int => $one->compareTo($other));

        return array_map(static fn(Length $seam): Length => $seam->minus($across->half())->plus($position), $chosen);
    }
}
