<?php

declare(strict_types=1);

namespace App\Bench\Plan;

use App\Account\Studio;
use App\Frames\FittingsRecord;
use App\Frames\StockRecord;
use App\Frames\StudioFrame;
use App\Frames\StudioFrameRepository;
use App\Platform\Build;
use App\Quilt\QuiltRepository;

/** Keeps what the queue knows of waiting quilts in step with their sheets, the frames and the studio's figures. */
final readonly class Knowing
{
    public function __construct(
        private QuiltRepository $quilts,
        private QuiltFactsRepository $facts,
        private StudioFrameRepository $frames,
        private FactsOf $factsOf,
        private Build $build,
    ) {}

    /** @return bool whether more are still to be worked out than were */
    public function bringIn(Studio $studio, int $most): bool
    {
        $frames = $this->frames->findOf($studio);
        $shared = $this->shared($studio, $frames);
        $known = $this->facts->findWaiting($studio);
        foreach ($this->quilts->findWaiting($studio, Queues::MOST) as $quilt) {
            $stamp = hash(
                'sha256',
                implode(' ', [$shared, $quilt->revision()?->id() ?? 0, (string) $quilt->frame()?->id()]),
            );
            $record = $known[(string) $quilt->id()] ?? new QuiltFacts($quilt);
            if ($record->isOf($stamp)) {
                continue;
            }
            if (0 === $most--) {
                return true;
            }
            $record->take($this->factsOf->quilt($quilt, $frames), $stamp);
            $this->facts->keep($record);
        }

        return false;
    }

    /** @param list<StudioFrame> $frames */
    private function shared(Studio $studio, array $frames): string
    {
        return hash(
            'sha256',
            serialize([
                $this->build->id(),
                $studio->practiceRecord(),
                $studio->lendsPieces(),
                array_map(
                    static fn(StudioFrame $frame): array => [
                        (string) $frame->id(),
                        $frame->kind(),
                        array_map(static fn($length): int => $length->nanometres, $frame->measures()->measures),
                        $frame->measures()->methods,
                        StockRecord::toArray($frame->stock()),
                        FittingsRecord::toArray($frame->fittings()),
                        array_map(static fn($length): int => $length->nanometres, $frame->distances()),
                    ],
                    $frames,
                ),
            ]),
        );
    }
}
