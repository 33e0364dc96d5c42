<?php

declare(strict_types=1);

namespace Schwung\Core\Preparation;

use Schwung\Core\Job\Load;
use Schwung\Core\Job\Tape;
use Schwung\Core\Job\Taping;
use Schwung\Core\Material\Backing;
use Schwung\Core\Material\Direction;
use Schwung\Core\Material\Top;
use Schwung\Core\Measure\Exception\ImpossibleQuadrilateral;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\Range;
use Schwung\Core\Practice\Practice;
use Schwung\Core\Sizing\BackingRule;
use Schwung\Core\Sizing\RequiredSize;
use Schwung\Core\Sizing\UsableBacking;

/**
 * Interval arithmetic over what is not measured yet: between what a quilt is short and what it has to spare.
 *
 * A measure that is open lies within an allowance of those that are alike (an everyday figure of the trade: what is
 * further off cannot be worked in). A diagonal that is open lets the cloth lean by as much of its height; a lean costs
 * that much one way, less what can be turned out of it where there is room the other way (geometry, for small leans).
 * Once everything is measured the range is the sum of the plan itself.
 */
final readonly class EstimateRule
{
    public function __construct(private Practice $practice) {}

    /**
     * @param Top          $top     with what is open guessed
     * @param Backing|null $backing likewise; null while there is not one measure each way
     */
    public function estimate(Tape $tape, Top $top, ?Backing $backing, Load $load, Direction $direction): Estimate
    {
        $now = $this->ranges($tape, $top, $backing, $load, $direction);
        $open = [...$this->openOfTop($tape), ...null === $backing ? [] : $tape->open(Taping::BACKING)];
        $counts = $this->deciding($now);
        $left = array_map(function (Taping $measure) use ($tape, $top, $backing, $load, $direction, $counts): int {
            $guess = $tape->guess($measure);

            // A diagonal says how square the sides lie, so that it comes after them.
            return null === $guess
                ? \PHP_INT_MAX
                : $this->breadth(
                    $this->ranges($tape->with($measure, $guess), $top, $backing, $load, $direction),
                    $counts,
                );
        }, $open);
        // Of equals the one that is met first on the way round the table.
        array_multisort($left, \SORT_NUMERIC, array_keys($open), \SORT_NUMERIC, $open);

        return new Estimate($now[0], $now[1], $now[2], $now[3], $open, $this->practice->unmeasuredPerThousand);
    }

    /** @return list<Taping> the diagonals of a top tell whether it is square, and nothing about the backing */
    private function openOfTop(Tape $tape): array
    {
        return array_values(
            array_filter($tape->open(Taping::TOP), static fn(Taping $measure): bool => !$measure->isDiagonal()),
        );
    }

    /**
     * Which ranges decide: of what may be missing, that; where nothing may be, all that is to spare.
     *
     * @param array{Range, Range, Range|null, Range|null} $ranges
     *
     * @return list<int>
     */
    private function deciding(array $ranges): array
    {
        $spare = array_filter([2 => $ranges[2], 3 => $ranges[3]]);
        $may = array_filter($spare, static fn(Range $range): bool => $range->low->isNegative());

        return array_keys(
            match (true) {
                [] === $spare => [0 => $ranges[0], 1 => $ranges[1]],
                [] === $may => $spare,
                default => $may,
            },
        );
    }

    /**
     * @param array{Range, Range, Range|null, Range|null} $ranges
     * @param list<int>                                   $counts
     */
    private function breadth(array $ranges, array $counts): int
    {
        return array_sum(array_map(static fn(int $which): int => $ranges[$which]?->width()->nanometres ?? 0, $counts));
    }

    /** @return array{Range, Range, Range|null, Range|null} needed across and along, spare across and along */
    private function ranges(Tape $tape, Top $top, ?Backing $backing, Load $load, Direction $direction): array
    {
        [$least, $most] = [
            $this->required($this->top($tape, $top, false), $load, $direction),
            $this->required($this->top($tape, $top, true), $load, $direction),
        ];
        $across = new Range($least->across->length(), $most->across->length());
        $along = new Range($least->along->length(), $most->along->length());
        if (null === $backing) {
            return [$across, $along, null, null];
        }
        [$spareAcross, $spareAlong] =
            null === $tape->at(Taping::BackingDiagonal)
                ? $this->unsquared($tape, $across, $along, $direction)
                : $this->squared($tape, $backing, $across, $along, $direction);

        return [$across, $along, $spareAcross, $spareAlong];
    }

    private function required(Top $top, Load $load, Direction $direction): RequiredSize
    {
        return (new BackingRule($this->practice))->required($top, $load, $direction);
    }

    private function top(Tape $tape, Top $top, bool $isMost): Top
    {
        $at = fn(Taping $measure): Length => $isMost
            ? $this->range($tape, $measure)->high
            : $this->range($tape, $measure)->low;

        return new Top(
            widthTop: $at(Taping::TopWidthTop),
            widthMiddle: $at(Taping::TopWidthMiddle),
            widthBottom: $at(Taping::TopWidthBottom),
            lengthLeft: $at(Taping::TopLengthLeft),
            lengthMiddle: $at(Taping::TopLengthMiddle),
            lengthRight: $at(Taping::TopLengthRight),
            edge: $top->edge,
        );
    }

    /** Closed where it was measured. */
    private function range(Tape $tape, Taping $measure): Range
    {
        $taken = $tape->at($measure);
        if (null !== $taken) {
            return Range::of($taken);
        }
        $alike = array_values(array_filter(array_map($tape->at(...), $measure->alike())));
        $known = [] === $alike ? [Length::zero()] : $alike;
        $share = $this->practice->unmeasuredPerThousand;

        return new Range(
            Length::shortest(...$known)->scaledBy(1000 - $share, 1000),
            Length::longest(...$known)->scaledBy(1000 + $share, 1000),
        );
    }

    /**
     * The rectangle of the shorter sides, less what a lean may cost, and more where a longer side leaves room beside
     * it.
     *
     * @return array{Range, Range} spare across and along, as loaded
     */
    private function unsquared(Tape $tape, Range $across, Range $along, Direction $direction): array
    {
        $sides = fn(Taping ...$measures): array => array_map(
            fn(Taping $measure): Range => $this->range($tape, $measure),
            array_values($measures),
        );
        [$wide, $high] = [
            $sides(Taping::BackingTop, Taping::BackingBottom),
            $sides(Taping::BackingRight, Taping::BackingLeft),
        ];
        [$wide, $high] = Direction::Turned === $direction ? [$high, $wide] : [$wide, $high];
        [$width, $height] = [Range::shortest(...$wide), Range::shortest(...$high)];
        [$spareAcross, $spareAlong] = [$width->minus($across), $height->minus($along)];

        return [
            $this->leaning($spareAcross, $height, $spareAlong, $width, Range::longest(...$wide)->high),
            $this->leaning($spareAlong, $width, $spareAcross, $height, Range::longest(...$high)->high),
        ];
    }

    /**
     * A cloth that leans by a share of its height has so much less one way; turned by a part of the lean, that part of
     * it is taken from the other way instead, as far as there is room. Toward its longer side it has more, the more the
     * less of the other way is needed.
     */
    private function leaning(Range $spare, Range $height, Range $otherSpare, Range $width, Length $longer): Range
    {
        $share = $this->practice->unmeasuredPerThousand;
        $costsOther = $width->low->scaledBy($share, 1000)->nanometres;
        $turned = $costsOther > 0 ? max(0.0, min(1.0, $otherSpare->low->nanometres / $costsOther)) : 0.0;
        $cost = (int) ceil((1 - $turned) * $height->high->scaledBy($share, 1000)->nanometres);
        $unused = max(0.0, min(1.0, $otherSpare->high->nanometres / max(1, $height->low->nanometres)));
        $beside = (int) ceil($unused * $longer->minus($width->low)->nanometres);

        return new Range(
            $spare->low->minus(Length::ofNanometres($cost)),
            $spare->high->plus(Length::ofNanometres($beside)),
        );
    }

    /**
     * With the diagonal the cloth is laid out as the plan does it, for each side that is open at its least and most.
     *
     * @return array{Range, Range}
     */
    private function squared(Tape $tape, Backing $backing, Range $across, Range $along, Direction $direction): array
    {
        $spares = ['across' => [], 'along' => []];
        foreach ($this->outlines($tape, $backing) as $outline) {
            try {
                $cloth = UsableBacking::of($outline)->loaded($direction);
            } catch (ImpossibleQuadrilateral) {
                continue;
            }
            foreach ([[$across->low, $along->low], [$across->high, $along->high]] as [$wide, $long]) {
                [$spares['across'][], $spares['along'][]] = (new BackingRule($this->practice))->spare(
                    $cloth,
                    $wide,
                    $long,
                );
            }
        }
        if ([] === $spares['across'] || [] === $spares['along']) {
            return $this->unsquared($tape, $across, $along, $direction);
        }

        return [
            new Range(Length::shortest(...$spares['across']), Length::longest(...$spares['across'])),
            new Range(Length::shortest(...$spares['along']), Length::longest(...$spares['along'])),
        ];
    }

    /** @return list<Backing> one where nothing of it is open */
    private function outlines(Tape $tape, Backing $backing): array
    {
        $outlines = [[]];
        foreach ([Taping::BackingTop, Taping::BackingRight, Taping::BackingBottom, Taping::BackingLeft] as $side) {
            $range = $this->range($tape, $side);
            $sizes = $range->isClosed() ? [$range->low] : [$range->low, $range->high];
            $outlines = array_merge(
                ...array_map(
                    static fn(Length $size): array => array_map(
                        static fn(array $outline): array => [...$outline, $size],
                        $outlines,
                    ),
                    $sizes,
                ),
            );
        }

        return array_map(
            static fn(array $sides): Backing => new Backing(
                $sides[0],
                $sides[1],
                $sides[2],
                $sides[3],
                $tape->at(Taping::BackingDiagonal),
                $backing->kind,
            ),
            $outlines,
        );
    }
}
