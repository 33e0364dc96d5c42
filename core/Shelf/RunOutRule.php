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

    /**
     * @param list<Roll> $rolls
     *
     * @return array<string, Length> by id, what is left of each once all is cut
     */
    public function left(Assignment $assignment, array $rolls): array
    {
        $left = [];
        foreach ($rolls as $roll) {
            $left[$roll->id] = $roll->length;
        }
        foreach ($assignment->cuts as $cut) {
            if (null !== $cut->length) {
                $left[$cut->from] = $left[$cut->from]->minus($cut->length);
            }
        }

        return $left;
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
