<?php

declare(strict_types=1);

namespace App\Bench\Chores;

use App\Account\Studio;
use App\Bench\Hours\StudioHoursRepository;
use App\Bench\Times\RunTimes;
use App\Bench\Times\RunTimesRepository;
use App\Bench\WallClock;
use App\Frames\StudioFrame;
use App\Leaders\LeaderView;
use App\Leaders\StudioLeaderRepository;
use Schwung\Core\Queue\Chore;
use Schwung\Core\Queue\ChoreKind;
use Schwung\Core\Queue\WorkingTime;

/** What frames and machines ask for: leaders to be checked, a needle that has stitched its hours, a service. */
final readonly class StandingChores
{
    /** A needle is changed before the day's work, at nine. */
    private const NINE = 540;
    /** A service is called for so many days ahead. */
    private const DAYS_AHEAD = 7;

    public function __construct(
        private StudioLeaderRepository $leaders,
        private StudioHoursRepository $hours,
        private RunTimesRepository $times,
    ) {}

    /**
     * @param array<string, StudioFrame> $frames by id
     *
     * @return list<Chore>
     */
    public function of(Studio $studio, array $frames, WallClock $clock): array
    {
        $chores = [];
        foreach ($frames as $id => $frame) {
            foreach ($this->leaders->ofFrame($frame)->all as $leader) {
                if (LeaderView::isDueOn($leader)) {
                    $chores[] = new Chore("check-leader $id", ChoreKind::CheckLeader, null, null, (string) $id);
                    break;
                }
            }
        }
        $hours = $this->hours->of($studio);
        if ($hours->needleHours() > 0) {
            $since = $hours->needled();
            $stitched = array_sum(
                array_map(
                    static fn(RunTimes $times): float => !$times->isToldAgain() &&
                    (null === $since || $times->run->started >= $since)
                        ? $times->sum('stitching took')
                        : 0.0,
                    $this->times->findOf($studio),
                ),
            );
            if ($stitched >= 60 * $hours->needleHours()) {
                $chores[] = new Chore('needle', ChoreKind::Needle, self::NINE);
            }
        }
        $service = $hours->service();
        if (null !== $service && $clock->dayOf($service) <= self::DAYS_AHEAD) {
            $day = $clock->dayOf($service);
            $chores[] = new Chore('service', ChoreKind::Service, $day * WorkingTime::DAY + self::NINE);
        }

        return $chores;
    }
}
