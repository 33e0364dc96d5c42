<?php

declare(strict_types=1);

namespace App\Tension;

use App\Quilt\Quilt;
use Psr\Clock\ClockInterface;
use Schwung\Core\Plan\Stage;
use Schwung\Core\Preparation\Foresight as Foreseen;
use Schwung\Core\Preparation\Preparation;
use Schwung\Core\Tension\Pattern;
use Schwung\Core\Tension\Risk;

/**
 * What a quilt is likely to meet, from its plan and from what came before it on its frame, where it can still be
 * changed.
 */
final readonly class Foresight
{
    public function __construct(
        private Confirmed $confirmed,
        private TensionRoom $room,
        private ClockInterface $clock,
    ) {}

    /** @return list<Risk> those that this stage can keep away; the sheet, the log and what comes after tell none */
    public function risks(Quilt $quilt, Preparation $preparation, string $stage): array
    {
        $at = Stage::tryFrom($stage);

        return $quilt->isLoaded() || null === $at || !\in_array($at, Stage::PLANNED, true)
            ? []
            : (new Foreseen($this->confirmed->of($quilt->studio)))->risks($preparation, $at, $this->clock->now());
    }

    /**
     * @return list<Pattern> what keeps coming back on its frame, told where the place on the leader is chosen and
     * before it is loaded
     */
    public function patterns(Quilt $quilt, string $stage): array
    {
        $frame = $quilt->frame();

        return null === $frame || !\in_array($stage, ['attach', 'load'], true) ? [] : $this->room->patternsOn($frame);
    }
}
