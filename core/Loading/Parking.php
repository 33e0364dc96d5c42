<?php

declare(strict_types=1);

namespace Schwung\Core\Loading;

use Schwung\Core\Frame\HoldingSystem;
use Schwung\Core\Measure\Phrase;

/**
 * What to slacken when a quilt stays on its frame for a night or longer, and what to look at before the next stitch.
 * Everyday rules of the trade.
 */
final readonly class Parking
{
    /** @return list<Phrase> in order */
    public function before(Setup $setup, ParkFor $for): array
    {
        $isLong = ParkFor::Overnight !== $for;

        return $this->told([
            'Finish the row, or stop at a point of the design; needle up, threads cut.',
            'Side clamps off: left on, they draw scallops overnight.',
            match (true) {
                $setup->isClamped() => 'Let the poles off until the bed just hangs; clamps stay.',
                $isLong
                    => 'Let both rollers off until nothing pulls, and leave them held: no roll stays under tension.',
                default => 'Let both rollers off by one click, and leave them held.',
            },
            $setup->isStretchy() && !$isLong ? 'This backing stretches: let it hang quite slack.' : null,
            $isLong && $setup->isHeldBy(HoldingSystem::Magnets) ? 'Take off the magnets that can be reached.' : null,
            $isLong
                ? 'Machine off, drawn to the side; a clean sheet over bed and rolls.'
                : 'Machine off, drawn to the side, the bed covered.',
            ParkFor::Weeks === $for ? 'Write on the sheet which thread, needle and design it waits with.' : null,
        ]);
    }

    /** @return list<Phrase> in order */
    public function onReturn(Setup $setup, ParkFor $for): array
    {
        $isLong = ParkFor::Overnight !== $for;
        $marks = $setup->winding->hasRatchet()
            ? 'Read both register marks once more before anything is stitched.'
            : 'Read both marks once more, and look that no roller has turned.';

        return $this->told([
            $isLong ? 'Creases at the bars: a little mist, and wait until they fall out.' : null,
            'Take up until it is firm with give, and hold it.',
            $isLong
                ? 'Look into the well, and feel left, centre and right: after so long each side is felt anew.'
                : 'Look into the well, and feel left, centre and right: batting settles overnight.',
            $setup->hasMarks() ? ($isLong ? 'Set the marks anew, or read them where they stand. ' : '') . $marks : null,
            $isLong ? 'Needle, thread and bobbin still the right ones? A test on the margin first.' : null,
            'Side clamps on; stitch and lock as the strip shows them.',
        ]);
    }

    /**
     * @param list<string|null> $lines
     *
     * @return list<Phrase>
     */
    private function told(array $lines): array
    {
        return array_values(
            array_map(
                static fn(string $line): Phrase => Phrase::of($line),
                array_filter($lines, static fn(?string $line): bool => null !== $line),
            ),
        );
    }
}
