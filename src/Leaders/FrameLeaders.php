<?php

declare(strict_types=1);

namespace App\Leaders;

use App\Frames\StudioFrame;
use Schwung\Core\Frame\FrameKind;
use Schwung\Core\Leader\CommonTilt;
use Schwung\Core\Leader\FrameOrLeaderRule;
use Schwung\Core\Leader\LeaderTilt;
use Schwung\Core\Leader\LeaderVerdict;
use Schwung\Core\Material\End;
use Schwung\Core\Measure\Length;

/** The leaders of one frame by their rollers; a frame of poles has none. */
final readonly class FrameLeaders
{
    /** @var array<string, StudioLeader> */
    public array $all;

    /** @param array<string, StudioLeader> $known by the words of Roller */
    public function __construct(StudioFrame $frame, array $known)
    {
        $rollers = match ($frame->kind()) {
            FrameKind::Roller => Roller::cases(),
            FrameKind::RollerFrontBacking, FrameKind::ClampWithRollers => [Roller::TakeUp, Roller::Backing],
            FrameKind::Clamp => [],
        };
        $all = [];
        foreach ($rollers as $roller) {
            $all[$roller->value] = $known[$roller->value] ?? new StudioLeader($frame, $roller);
        }
        $this->all = $all;
    }

    /** The worst of the last checks; null where no leader was checked. */
    public function verdict(Length $bedSpan): ?LeaderVerdict
    {
        $verdicts = array_filter(
            array_map(
                static fn(StudioLeader $leader): ?string => $leader->lastInspection()?->check($bedSpan)->verdict->value,
                $this->all,
            ),
        );
        foreach ([LeaderVerdict::ReHem, LeaderVerdict::Watch, LeaderVerdict::Good] as $verdict) {
            if (\in_array($verdict->value, $verdicts, true)) {
                return $verdict;
            }
        }

        return null;
    }

    /** What they have in common (rule 21), of the last checks that lie within so many days of the latest. */
    public function commonTilt(Length $bedSpan): ?CommonTilt
    {
        $inspections = array_filter(
            array_map(static fn(StudioLeader $leader): ?LeaderInspection => $leader->lastInspection(), $this->all),
        );
        $latest = max([
            0,
            ...array_map(static fn(LeaderInspection $one): int => $one->at->getTimestamp(), array_values($inspections)),
        ]);
        $tilts = [];
        foreach ($inspections as $word => $inspection) {
            if ($latest - $inspection->at->getTimestamp() <= FrameOrLeaderRule::DAYS * 86400) {
                $tilts[] = LeaderTilt::of(
                    $word,
                    $inspection->check($bedSpan),
                    $inspection->leader->roller->hangsForward(),
                );
            }
        }

        return (new FrameOrLeaderRule())->judge($tilts);
    }

    public function at(End $end): ?StudioLeader
    {
        return $this->all[(End::Lead === $end ? Roller::TakeUp : Roller::Backing)->value] ?? null;
    }
}
