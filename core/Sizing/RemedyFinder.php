<?php

declare(strict_types=1);

namespace Schwung\Core\Sizing;

use Schwung\Core\Job\Job;
use Schwung\Core\Material\Direction;
use Schwung\Core\Practice\Practice;

/**
 * Rule 3, remedies: the ways out of a backing that does not fit, each tried before it is offered.
 *
 * Offered are those after which the state is better than now, those that make it fit before those that leave it tight,
 * each in the order of RemedyKind. Asking the client stands last, always.
 */
final readonly class RemedyFinder
{
    public function __construct(private Practice $practice) {}

    /**
     * @param BackingCheck $check of this job loaded in this direction
     *
     * @return list<Remedy> empty where the backing fits as it is
     */
    public function find(Job $job, UsableBacking $cloth, Direction $direction, BackingCheck $check): array
    {
        $now = $check->state();
        if (BackingState::Fits === $now) {
            return [];
        }
        $loading = new LoadRemedies($this->practice, $job, $cloth, $direction);
        $cutting = new ClothRemedies($this->practice, $job->units);
        $found = array_filter([
            $loading->turn(),
            $loading->swap(),
            $loading->method($now),
            $loading->float(),
            $loading->workedOut(),
            $cutting->extend($check),
            $cutting->squareUpLess($cloth, $check, $direction),
            $cutting->piece($job->backing, $check, $direction),
        ]);
        $better = array_filter($found, static fn(Remedy $remedy): bool => $remedy->state->isBetterThan($now));
        $fitting = array_filter($better, static fn(Remedy $remedy): bool => BackingState::Fits === $remedy->state);
        $tight = array_filter($better, static fn(Remedy $remedy): bool => BackingState::Tight === $remedy->state);

        return [...$fitting, ...$tight, $cutting->askClient($job->backing, $check, $direction)];
    }
}
