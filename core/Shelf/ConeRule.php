<?php

declare(strict_types=1);

namespace Schwung\Core\Shelf;

use Schwung\Core\Measure\Length;

/** Which cones do not last for the quilts that take of them, one after the other. */
final readonly class ConeRule
{
    /**
     * @param list<ThreadTake>      $takes in the order in which the quilts are stitched
     * @param array<string, Length> $left  on each cone
     *
     * @return array<string, string> the first cone that is too short for a quilt, by the quilt
     */
    public function runOut(array $takes, array $left): array
    {
        [$before, $short] = [[], []];
        foreach ($takes as $take) {
            $check = new ThreadCheck($take->length, $before[$take->cone] ?? Length::zero(), $left[$take->cone]);
            $before[$take->cone] = $check->before->plus($take->length);
            if (!$check->isEnough()) {
                $short[$take->quilt] ??= $take->cone;
            }
        }

        return $short;
    }
}
