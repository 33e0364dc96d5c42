<?php

declare(strict_types=1);

namespace Schwung\Core\Shelf;

use Schwung\Core\Measure\Length;

/** What has to be bought: quilts for which nothing is there, and the roll that would have served had it lasted. */
final readonly class RunOutRule
{
    /**
     * @param list<Roll> $rolls
     * @param list<Need> $needs
     *
     * @return list<Buy> in the order of the needs
     */
    public function buy(Assignment $assignment, array $rolls, array $needs): array
    {
        $buy = [];
        foreach ($needs as $need) {
            if (\in_array($need->id, $assignment->unserved, true)) {
                $buy[] = new Buy($need, $this->narrowest($rolls, $need)?->id);
            }
        }

        return $buy;
    }

    /** @param list<Roll> $rolls */
    private function narrowest(array $rolls, Need $need): ?Roll
    {
        $best = null;
        foreach ($rolls as $roll) {
            $isWide = !Length::shortest($need->across, $need->along)->isLongerThan($roll->width);
            if (
                $isWide &&
                $need->mayTake($roll->kind, $roll->of) &&
                true !== $best?->width->isShorterThan($roll->width)
            ) {
                $best = $roll;
            }
        }

        return $best;
    }
}
