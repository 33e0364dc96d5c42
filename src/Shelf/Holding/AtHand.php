<?php

declare(strict_types=1);

namespace App\Shelf\Holding;

use App\Bench\Plan\BenchPlanRepository;
use App\Bench\Plan\PlanRead;
use App\Frames\StudioFrame;
use App\Quilt\Quilt;
use Schwung\Core\Frame\Frame;
use Schwung\Core\Shelf\AtHandRule;
use Schwung\Core\Shelf\Hanging;

/**
 * What of a studio's pieces a quilt can be held with on the day on which it goes on its frame: where frames lend each
 * other theirs, all there are, less what still hangs on another frame then.
 */
final readonly class AtHand
{
    public function __construct(private HangingNow $hanging, private BenchPlanRepository $plans) {}

    public function on(Frame $frame, Quilt $quilt): Frame
    {
        if (!$quilt->studio->lendsPieces() || $quilt->isLoaded()) {
            return $frame;
        }

        return $frame->stocked(
            (new AtHandRule())->left($this->hanging->owned($quilt->studio), array_merge(...$this->elsewhere($quilt))),
        );
    }

    /**
     * A frame with all that its studio has, where it may have them: what a queue that is still to be made can count
     * on.
     */
    public function atBest(StudioFrame $frame): Frame
    {
        return $frame->studio->lendsPieces()
            ? $frame->measures()->stocked($this->hanging->owned($frame->studio))
            : $frame->measures();
    }

    /** @return list<OnRail> frames on which pieces hang that this quilt would want, still on its day */
    public function away(Quilt $quilt): array
    {
        return !$quilt->studio->lendsPieces() || $quilt->isLoaded() ? [] : $this->still($quilt);
    }

    /** @return list<list<Hanging>> */
    private function elsewhere(Quilt $quilt): array
    {
        return array_map(static fn(OnRail $one): array => $one->hanging, $this->still($quilt));
    }

    /** @return list<OnRail> */
    private function still(Quilt $quilt): array
    {
        $plan = $this->plans->of($quilt->studio)->plan();
        $read = [] === $plan ? null : new PlanRead($plan, $quilt->studio->timeZone());
        $starts = $read?->placeOf((string) $quilt->id())['start'] ?? null;

        return array_values(
            array_filter(
                $this->hanging->on($quilt->studio),
                static fn(OnRail $one): bool => $one->frame !== $quilt->frame() &&
                    !self::isFreeBy($one->frame, $read, $starts),
            ),
        );
    }

    private static function isFreeBy(StudioFrame $frame, ?PlanRead $plan, ?int $starts): bool
    {
        foreach ($plan?->frames() ?? [] as $one) {
            if ($one['id'] === (string) $frame->id()) {
                return null !== $starts && null !== $one['until'] && $one['until'] <= $starts;
            }
        }

        return false;
    }
}
