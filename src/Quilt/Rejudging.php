<?php

declare(strict_types=1);

namespace App\Quilt;

use App\Account\Studio;
use App\Bench\Plan\QueueChanges;
use App\Frames\StudioFrame;
use Symfony\Component\Messenger\MessageBusInterface;

/**
 * Keeps the verdicts on the shelf in step when something changes that many quilts share.
 *
 * They are marked at once and worked out outside the request; until then the shelf says which are from before.
 */
final readonly class Rejudging
{
    public function __construct(
        private QuiltRepository $quilts,
        private MessageBusInterface $bus,
        private QueueChanges $changes,
    ) {}

    public function ofStudio(Studio $studio): void
    {
        $this->quilts->markOutdated($studio, null);
        $this->changes->ask($studio->id());
        $this->bus->dispatch(new RecountVerdicts($studio->id()));
    }

    public function ofFrame(StudioFrame $frame): void
    {
        $this->quilts->markOutdated($frame->studio, $frame);
        $this->changes->ask($frame->studio->id());
        $this->bus->dispatch(new RecountVerdicts($frame->studio->id()));
    }
}
