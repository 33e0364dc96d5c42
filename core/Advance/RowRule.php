<?php

declare(strict_types=1);

namespace Schwung\Core\Advance;

use Schwung\Core\Job\Finish;
use Schwung\Core\Job\RowDesign;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\Near;

/**
 * Rule 9, first half: how many rows of a design cover a quilt, and how they are made to end at the tail.
 *
 * Run off: as many rows as cover. Fit scale: the count or one less, of those within 0.90 to 1.10 one whose rows can all
 * be stitched, then the scale nearer 1, then the larger count. Fit gap: only the gaps change, to no less than minus
 * half a row. A finish that is not possible falls back to running off.
 */
final readonly class RowRule
{
    private const LEAST_SCALE = 0.9;
    private const GREATEST_SCALE = 1.1;
    /** What floating point loses of a scale. */
    private const EXACT = 1e-9;
    private const EQUALLY_NEAR = 1e-12;

    /**
     * @param Roll|null $roll that the quilt winds onto; null where its thickness is not known, and every row counts as
     * fitting
     */
    public function __construct(private ?Roll $roll = null) {}

    /**
     * @param Length      $along  the top from lead edge to tail edge
     * @param Length|null $begins from the lead edge to where the design begins; null for its overhang beyond that edge
     */
    public function layOut(RowDesign $design, Length $along, ?Length $begins = null): RowLayout
    {
        $begins ??= $design->overhang->negated();
        $count = $this->covering($design, $along, $begins);

        return match ($design->finish) {
            Finish::RunOff => null,
            Finish::FitScale => $this->scaled($design, $along, $begins, $count),
            Finish::FitGap => $this->respaced($design, $along, $begins, $count),
        } ??
            new RowLayout(
                count: $count,
                scale: 1.0,
                height: $design->height,
                gap: $design->gap,
                overhang: $design->overhang,
                along: $along,
                finish: Finish::RunOff,
                asked: $design->finish,
                begins: $begins,
            );
    }

    private function covering(RowDesign $design, Length $along, Length $begins): int
    {
        $pitch = $design->height->plus($design->gap);
        $span = $this->span($design, $along, $begins)->plus($design->gap);

        return max(1, (int) ceil($span->minus(Length::ofNanometres(1))->nanometres / $pitch->nanometres));
    }

    private function span(RowDesign $design, Length $along, Length $begins): Length
    {
        return $along->minus($begins)->plus($design->overhang);
    }

    private function scaled(RowDesign $design, Length $along, Length $begins, int $count): ?RowLayout
    {
        $best = null;
        foreach (array_filter([$count, $count - 1]) as $rows) {
            $layout = $this->scaledTo($design, $along, $begins, $rows);
            if ($this->isScaleWithin($layout->scale) && (null === $best || $this->isBetter($layout, $best))) {
                $best = $layout;
            }
        }

        return $best;
    }

    private function isScaleWithin(float $scale): bool
    {
        return $scale >= self::LEAST_SCALE - self::EXACT && $scale <= self::GREATEST_SCALE + self::EXACT;
    }

    /** A design that sticks half way is no better for being nearer to what was asked. */
    private function isBetter(RowLayout $layout, RowLayout $than): bool
    {
        [$fits, $fitted] = [$this->canBeStitched($layout), $this->canBeStitched($than)];

        return $fits === $fitted ? abs($layout->scale - 1) < abs($than->scale - 1) - self::EQUALLY_NEAR : $fits;
    }

    private function canBeStitched(RowLayout $layout): bool
    {
        return null === $this->roll || (new RowPasses($this->roll))->plan($layout)->isComplete();
    }

    private function scaledTo(RowDesign $design, Length $along, Length $begins, int $count): RowLayout
    {
        $asked = $design->height->plus($design->gap)->times($count)->minus($design->gap);
        $scale = $this->span($design, $along, $begins)->nanometres / $asked->nanometres;
        $times = static fn(Length $length): Length => Length::millimetres($length->toMillimetres() * $scale);

        return new RowLayout(
            count: $count,
            scale: $scale,
            height: $times($design->height),
            gap: $times($design->gap),
            overhang: $design->overhang,
            along: $along,
            finish: Finish::FitScale,
            asked: $design->finish,
            begins: $begins,
        );
    }

    private function respaced(RowDesign $design, Length $along, Length $begins, int $count): ?RowLayout
    {
        if (1 === $count) {
            return null;
        }
        $gap = $this->span($design, $along, $begins)
            ->minus($design->height->times($count))
            ->scaledBy(1, $count - 1);
        $nestsTooFar = Near::isWithin($gap->toMillimetres(), $design->height->half()->negated()->toMillimetres());

        return $nestsTooFar
            ? null
            : new RowLayout(
                count: $count,
                scale: 1.0,
                height: $design->height,
                gap: $gap,
                overhang: $design->overhang,
                along: $along,
                finish: Finish::FitGap,
                asked: $design->finish,
                begins: $begins,
            );
    }
}
