<?php

declare(strict_types=1);

namespace App\Shelf\Holding;

use App\Account\Studio;
use App\AtTheFrame\RunRepository;
use App\Frames\StudioFrameRepository;
use Schwung\Core\Frame\HoldingSystem;
use Schwung\Core\Frame\Stock;
use Schwung\Core\Frame\StockPiece;
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

    /** @return list<PieceCount> by system, the shortest first */
    public function counts(Studio $studio): array
    {
        $rails = $this->on($studio);
        $hanging = array_map(static fn(OnRail $one): array => $one->hanging, $rails);
        $counts = [];
        foreach ((new AtHandRule())->left($this->owned($studio), array_merge(...$hanging))->pieces as $word => $left) {
            foreach (null === HoldingSystem::tryFrom($word) ? [] : $left as $piece) {
                $counts[self::key($word, $piece)] = new PieceCount(
                    HoldingSystem::from($word),
                    $piece->length,
                    $piece->count,
                );
            }
        }
        foreach ($this->frames->findOf($studio) as $frame) {
            foreach ($frame->stock()->pieces as $word => $pieces) {
                foreach ($pieces as $piece) {
                    ($counts[self::key($word, $piece)] ?? null)?->has($frame->name(), $piece->count);
                }
            }
        }
        foreach ($rails as $rail) {
            foreach ($rail->hanging as $held) {
                foreach ($held->pieces as $piece) {
                    ($counts[self::key($held->system->value, $piece)] ?? null)?->hangs(
                        $rail->frame->name(),
                        $held->on,
                        $piece->count,
                    );
                }
            }
        }
        ksort($counts, \SORT_NATURAL);

        return array_values($counts);
    }

    private static function key(string $system, StockPiece $piece): string
    {
        return "$system {$piece->length->nanometres}";
    }
}
