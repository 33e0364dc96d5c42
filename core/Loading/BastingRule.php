<?php

declare(strict_types=1);

namespace Schwung\Core\Loading;

use Schwung\Core\Material\End;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\Point;
use Schwung\Core\Practice\Distance;
use Schwung\Core\Practice\FarEdge;
use Schwung\Core\Practice\Hand;
use Schwung\Core\Practice\LineDirection;
use Schwung\Core\Practice\Purpose;
use Schwung\Core\Practice\SideBasting;

/**
 * Where layers and edges are basted, in the order of the work: the reference line, the top's far edge, the sides of
 * each bed, the last edge. Everyday rules of the trade: so near the edge that the binding hides it, the sides no
 * further than the bed, edges from the centre out.
 */
final readonly class BastingRule
{
    /** A line across the batting runs on beyond the top at each side, to be seen once the top lies. */
    private const BEYOND_INCHES = 1;
    /** The turns of a meander stay inside the sides, which are basted by themselves. */
    private const MEANDER_INSIDE_INCHES = 2;

    /** @return list<BastingLine> */
    public function lines(Setup $setup): array
    {
        if ($setup->is(Purpose::Prebasted)) {
            return [];
        }

        return [
            ...$this->batting($setup),
            ...FarEdge::None === $setup->habits->farEdge || $setup->isHeldThrough()
                ? []
                : $this->across(
                    $setup,
                    BastingLineKind::TopEdge,
                    $setup->inset()->toMillimetres(),
                    null,
                    FarEdge::Wavy === $setup->habits->farEdge,
                ),
            ...$this->sides($setup),
            ...$this->lastEdge($setup),
            ...$setup->is(Purpose::Basting) ? $this->meander($setup) : [],
        ];
    }

    /** How far the reference line lies before the top's lead edge. */
    public function referenceBefore(Setup $setup): Length
    {
        return FarEdge::Below === $setup->habits->farEdge
            ? $setup->practice->at(Distance::ReferenceStep)
            : Length::zero();
    }

    /** @return list<BastingLine> */
    private function batting(Setup $setup): array
    {
        $half = $setup->across()->half()->plus(Length::inches(self::BEYOND_INCHES))->toMillimetres();
        $at = -$this->referenceBefore($setup)->toMillimetres();
        $lines = $setup->hasReference()
            ? [$this->line($setup, BastingLineKind::Reference, new Point(-$half, $at), new Point($half, $at))]
            : [];
        if ($setup->isBastedAllOver()) {
            $step = $setup->practice->at(Distance::BastingSpacing)->toMillimetres();
            for ($y = $at + $step; $y < $at + $setup->plan->job->frame->bed()->toMillimetres(); $y += $step) {
                $lines[] = $this->line($setup, BastingLineKind::AllOver, new Point(-$half, $y), new Point($half, $y));
            }
        }

        return $lines;
    }

    /** @return list<BastingLine> the half of the working hand's side first, or both in one */
    private function across(Setup $setup, BastingLineKind $kind, float $y, ?int $pass, bool $isWavy = false): array
    {
        $half = $setup->across()->half()->minus($setup->inset())->toMillimetres();
        $isWhole = BastingLineKind::TopEdge === $kind && $this->isFromEndToEnd($setup);
        $endsRight = $isWhole ? 'left' === $setup->startsAt() : 'right' === $setup->firstSide();
        $first = $endsRight ? $half : -$half;

        return array_map(
            fn(float $x): BastingLine => $this->line(
                $setup,
                $kind,
                new Point($isWhole ? -$x : 0, $y),
                new Point($x, $y),
                $pass,
                $setup->inset(),
                $isWavy,
            ),
            $isWhole ? [$first] : [$first, -$first],
        );
    }

    /** Fullness is always walked from the middle to both sides. */
    private function isFromEndToEnd(Setup $setup): bool
    {
        return $setup->bastesInOneRun() ||
            (LineDirection::EndToEnd === $setup->habits->direction && !$setup->fullnessAt(End::Lead)->isPositive());
    }

    /** @return list<BastingLine> of every bed what the one before did not reach */
    private function sides(Setup $setup): array
    {
        [$lines, $done] = [[], 0.0];
        $x = $setup->across()->half()->minus($setup->inset())->toMillimetres();
        foreach ($setup->winding->winds as $wind) {
            if ($wind->turnsBefore || $wind->fromTail) {
                // Turned round, the bed counts from the tail: what is basted there ends where the first half ended.
                $to = max(0.0, $wind->to - $wind->pass->depth()->length()->toMillimetres());
                $from = $wind->turnsBefore ? $setup->along()->toMillimetres() : $done;
                $to = min($from, $to);
            } else {
                [$from, $to] = [
                    $done,
                    min(
                        $setup->along()->toMillimetres(),
                        max($done, $wind->from + $wind->pass->depth()->length()->toMillimetres()),
                    ),
                ];
            }
            $done = $to;
            if (abs($to - $from) > 1) {
                [$start, $end] = SideBasting::FromBack !== $setup->habits->sides ? [$to, $from] : [$from, $to];
                array_push(
                    $lines,
                    ...array_map(
                        fn(float $side): BastingLine => $this->line(
                            $setup,
                            BastingLineKind::Side,
                            new Point($side, $start),
                            new Point($side, $end),
                            $wind->number,
                            $setup->inset(),
                        ),
                        [-$x, $x],
                    ),
                );
            }
        }

        return $lines;
    }

    /** @return list<BastingLine> */
    private function lastEdge(Setup $setup): array
    {
        $pass = $setup->lastHoldPass();

        return null === $pass
            ? []
            : $this->across(
                $setup,
                BastingLineKind::LastEdge,
                $setup->along()->minus($setup->inset())->toMillimetres(),
                $pass,
            );
    }

    /** @return list<BastingLine> the middles of a large meander, a hand apart, none of which cross */
    private function meander(Setup $setup): array
    {
        $half = $setup->across()->half()->minus(Length::inches(self::MEANDER_INSIDE_INCHES))->toMillimetres();
        $step = $setup->practice->at(Distance::BastingSpacing)->toMillimetres();
        [$lines, $way] = [[], 1];
        for ($y = $step; $y < $setup->along()->toMillimetres() - $step / 2; $y += $step) {
            $lines[] = $this->line(
                $setup,
                BastingLineKind::Meander,
                new Point(-$way * $half, $y),
                new Point($way * $half, $y),
                null,
                null,
                true,
            );
            $way = -$way;
        }

        return $lines;
    }

    private function line(
        Setup $setup,
        BastingLineKind $kind,
        Point $from,
        Point $to,
        ?int $pass = null,
        ?Length $inset = null,
        bool $isWavy = false,
    ): BastingLine {
        return new BastingLine($kind, $from, $to, $inset ?? Length::zero(), $setup->bastingStitches(), $pass, $isWavy);
    }
}
