<?php

declare(strict_types=1);

namespace Schwung\Core\Shelf;

use Schwung\Core\Material\BattingKind;
use Schwung\Core\Measure\Length;

/** Batting on a roll: so wide, and so long as is left of it. */
final readonly class Roll
{
    /** @param string $of the client whose it is; empty for the studio's */
    public function __construct(
        public string $id,
        public BattingKind $kind,
        public Length $width,
        public Length $length,
        public string $of = '',
    ) {}

    /**
     * What is cut off for a need, the shorter of the two ways round; null where the roll is too narrow or too short.
     */
    public function cut(Need $need): ?Cut
    {
        $best = null;
        foreach (
            [[$need->across, $need->along, false], [$need->along, $need->across, true]]
            as [$over, $off, $turned]
        ) {
            if (
                !$over->isLongerThan($this->width) &&
                !$off->isLongerThan($this->length) &&
                (null === $best?->length || $off->isShorterThan($best->length))
            ) {
                $best = new Cut($need->id, $this->id, $turned, $off);
            }
        }

        return $need->mayTake($this->kind, $this->of) ? $best : null;
    }
}
