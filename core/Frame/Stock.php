<?php

declare(strict_types=1);

namespace Schwung\Core\Frame;

use Schwung\Core\Measure\Length;

/** The pieces for holding that belong to a frame; what is null or empty has not been counted. */
final readonly class Stock
{
    /**
     * @param list<StockPiece> $clips  channel clips by length
     * @param list<StockPiece> $clamps dowel clamps by length
     * @param list<StockPiece> $zips   by length
     */
    public function __construct(
        public array $clips = [],
        public array $clamps = [],
        public array $zips = [],
        public ?int $pins = null,
        public ?int $magnets = null,
        public ?int $springClamps = null,
    ) {
    }

    /** @return list<StockPiece> empty where nobody counted */
    public function of(HoldingSystem $system): array
    {
        $counted = static fn (?int $count, float $inches): array => null === $count || $count < 1 ? [] : [new StockPiece(Length::inches($inches), $count)];

        return match ($system) {
            HoldingSystem::ChannelClips => $this->clips,
            HoldingSystem::DowelClamps => $this->clamps,
            HoldingSystem::Zip => $this->zips,
            HoldingSystem::Pins => $counted($this->pins, 1.75),
            HoldingSystem::Magnets => $counted($this->magnets, 1),
            HoldingSystem::SpringClamps => $counted($this->springClamps, 2),
            HoldingSystem::HookAndLoop => [],
        };
    }
}
