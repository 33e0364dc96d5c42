<?php

declare(strict_types=1);

namespace App\Shelf\Holding;

use App\Account\Studio;
use App\AtTheFrame\RunRepository;
use App\Frames\StudioFrameRepository;
use Schwung\Core\Frame\HoldingSystem;
use Schwung\Core\Frame\Stock;
use Schwung\Core\Shelf\AtHandRule;

/** What of a studio's clips, clamps and pins hangs on a frame at this moment. */
final readonly class HangingNow
{
    public function __construct(private StudioFrameRepository $frames, private RunRepository $runs) {}

    /** @return list<OnRail> by the run that holds them */
    public function on(Studio $studio): array
    {
        $all = [];
        foreach ($this->runs->findOnFrames($studio) as [$run]) {
            $frame = $run->quilt->frame();
            if (null !== $frame && [] !== $run->hanging()) {
                $all[] = new OnRail($frame, $run->hanging());
            }
        }

        return $all;
    }

    /** All that the frames of a studio have together. */
    public function owned(Studio $studio): Stock
    {
        $stocks = [];
        foreach ($this->frames->findOf($studio) as $frame) {
            $stocks[] = $frame->stock();
        }

        return (new AtHandRule())->together(...$stocks);
    }

    /** @return list<PieceCount> by system, longest first */
    public function counts(Studio $studio): array
    {
        $hanging = $this->on($studio);
        $counts = [];
        foreach ($this->frames->findOf($studio) as $frame) {
            foreach (HoldingSystem::cases() as $system) {
                foreach ($frame->stock()->pieces[$system->value] ?? [] as $piece) {
                    $key = "$system->value {$piece->length->nanometres}";
                    $counts[$key] ??= new PieceCount($system, $piece->length);
                    $counts[$key]->has($frame->name(), $piece->count);
                }
            }
        }
        foreach ($hanging as $one) {
            foreach ($one->hanging as $held) {
                foreach ($held->pieces as $piece) {
                    ($counts["{$held->system->value} {$piece->length->nanometres}"] ?? null)?->hangs(
                        $one->frame->name(),
                        $held->on,
                        $piece->count,
                    );
                }
            }
        }
        ksort($counts, \SORT_NATURAL);

        return array_values($counts);
    }
}
