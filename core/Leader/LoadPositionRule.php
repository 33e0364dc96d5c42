<?php

declare(strict_types=1);

namespace Schwung\Core\Leader;

use Schwung\Core\Measure\Length;

/**
 * Rule 15, load position, under the school "in turn": centre, left or right of it, as far as leader and reach allow;
 * the least peak of past loads, then the least mean, then the centre first.
 */
final readonly class LoadPositionRule
{
    public function __construct(private Length $step) {}

    /**
     * @param list<PastLoad> $loads
     * @param Length         $room  the lesser of leader and reach; the edge lies within it
     *
     * @return non-empty-list<LoadPosition> best first
     */
    public function positions(array $loads, Length $edge, Length $room): array
    {
        $wear = Wear::of($loads);
        $free = Length::longest(Length::zero(), $room->minus($edge)->half());
        $aside = Length::shortest($this->step, $free);
        $places = [Length::zero(), ...$aside->isPositive() ? [$aside->negated(), $aside] : []];
        $positions = array_map(static function (Length $at) use ($wear, $edge): LoadPosition {
            [$from, $to] = [$at->minus($edge->half()), $at->plus($edge->half())];

            return new LoadPosition($at, $wear->peakOver($from, $to), $wear->meanOver($from, $to));
        }, $places);
        usort(
            $positions,
            static fn(LoadPosition $one, LoadPosition $other): int => $one->peak <=> $other->peak ?:
            round($one->mean, 9) <=> round($other->mean, 9),
        );

        return $positions;
    }
}
