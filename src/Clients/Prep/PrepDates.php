<?php

declare(strict_types=1);

namespace App\Clients\Prep;

use App\Bench\Plan\BenchPlanRepository;
use App\Bench\Plan\PlanRead;
use App\Quilt\Quilt;

/**
 * The days that a client wants to know of a quilt: when it goes on the frame, by when to bring what, and when it is
 * due.
 */
final readonly class PrepDates
{
    /** So many days ahead of the frame things are there: batting rests, and what is wrong can still be mended. */
    private const DAYS_AHEAD = 3;

    public function __construct(private BenchPlanRepository $plans) {}

    /** @return list<string> whole sentences; empty where nothing is planned */
    public function of(Quilt $quilt): array
    {
        $dates = [];
        $plan = $this->plans->of($quilt->studio)->plan();
        $read = [] === $plan ? null : new PlanRead($plan, $quilt->studio->timeZone());
        $place = $quilt->isFinished() || $quilt->isLoaded() ? null : $read?->placeOf((string) $quilt->id());
        if (null !== $read && null !== $place) {
            $start = $read->clock->at($place['start']);
            $dates[] = \sprintf(
                'It is planned onto the frame on %s; bring everything by %s.',
                $start->format('l, j F'),
                $start->modify('-' . self::DAYS_AHEAD . ' days')->format('l, j F'),
            );
        }
        if (null !== $quilt->due()) {
            $dates[] = \sprintf('It is due on %s.', $quilt->due()->format('l, j F Y'));
        }

        return $dates;
    }
}
