<?php

declare(strict_types=1);

namespace Schwung\Core\Sizing;

use Schwung\Core\Measure\Length;

/** Rule 6, from pieces: butted, never overlapped, laid side by side the first way that covers. */
final readonly class BattingPieces
{
    /** @param list<array{Length, Length}> $pieces width and length of each */
    public function cover(array $pieces, Length $across, Length $along): bool
    {
        return $this->coverInRow($pieces, $across, $along) || $this->coverInRow($pieces, $along, $across);
    }

    /**
     * A piece counts with the side that is long enough for the row's depth; of two, the greater gain is the other side.
     *
     * @param list<array{Length, Length}> $pieces
     */
    private function coverInRow(array $pieces, Length $row, Length $depth): bool
    {
        $covered = Length::zero();
        foreach ($pieces as [$width, $length]) {
            $gains = [Length::zero()];
            if (!$length->isShorterThan($depth)) {
                $gains[] = $width;
            }
            if (!$width->isShorterThan($depth)) {
                $gains[] = $length;
            }
            $covered = $covered->plus(Length::longest(...$gains));
        }

        return !$covered->isShorterThan($row);
    }
}
