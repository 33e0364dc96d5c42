<?php

declare(strict_types=1);

namespace Schwung\Core\Leader;

use Schwung\Core\Measure\Length;

/**
 * Rule 21: is it the leader or the frame? A line stitched with the lock on follows the carriage, not the roller. What
 * all leaders have in common is the frame's, where it is more than an eighth of an inch over the span and more than
 * what any of them has of its own.
 */
final readonly class FrameOrLeaderRule
{
    /** Checks within so many days of each other are of one frame as it stands. */
    public const DAYS = 30;
    private const FORGIVEN_INCHES = 0.125;
    private const FEWEST = 2;

    /** @param list<LeaderTilt> $tilts of different leaders; null where fewer than two were checked */
    public function judge(array $tilts): ?CommonTilt
    {
        if (\count($tilts) < self::FEWEST) {
            return null;
        }
        $span = Length::longest(...array_map(static fn(LeaderTilt $tilt): Length => $tilt->span, $tilts));
        $common = array_sum(array_map(static fn(LeaderTilt $tilt): float => $tilt->slope, $tilts)) / \count($tilts);
        $over = static fn(float $slope): Length => Length::millimetres($slope * $span->toMillimetres());
        $own = [];
        foreach ($tilts as $tilt) {
            $own[$tilt->leader] = $over($tilt->slope - $common);
        }
        $most = Length::longest(
            Length::zero(),
            ...array_map(static fn(Length $length): Length => $length->absolute(), array_values($own)),
        );

        $squares = array_sum(array_map(static fn(LeaderTilt $tilt): float => $tilt->error ** 2, $tilts));

        return new CommonTilt(
            $over($common),
            $over(sqrt($squares) / \count($tilts)),
            $own,
            $over($common)->absolute()->isLongerThan(Length::inches(self::FORGIVEN_INCHES)) &&
                $over($common)->absolute()->isLongerThan($most),
        );
    }
}
