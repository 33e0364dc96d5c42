<?php

declare(strict_types=1);

namespace Schwung\Core\Frame;

use Schwung\Core\Measure\Length;

/** The frame's true measures, what holds cloth to it, and what of it the plans depend on. */
final readonly class Frame
{
    /** @var array<string, Length> by the words of FrameMeasure, those that were taken */
    public array $measures;

    /**
     * @param array<string, Length|null> $measures by the words of FrameMeasure; null is what was not measured
     * @param int|null                   $ratchetTeeth null without a ratchet
     * @param list<HoldingSystem>        $methods other holding systems at hand
     * @param Stock                      $stock   pieces at hand for both ends and the top's own edge together
     * @param ClampWidth|null            $sideClamps what holds the sides; null where nobody said
     *
     * @throws \DomainException if a measure is missing without which there is no plan
     */
    public function __construct(
        public FrameKind $kind,
        array $measures,
        public ?int $ratchetTeeth = null,
        public array $methods = [],
        public Stock $stock = new Stock(),
        public ?ClampWidth $sideClamps = null,
        public Fittings $fittings = new Fittings(),
    ) {
        $taken = [];
        foreach (FrameMeasure::cases() as $measure) {
            $length = $measures[$measure->value] ?? null;
            if (null === $length && $measure->isNeeded()) {
                throw new \DomainException(\sprintf('A frame needs the measure "%s".', $measure->value));
            }
            if (null !== $length) {
                $taken[$measure->value] = $length;
            }
        }
        $this->measures = $taken;
    }

    /** The same with other pieces at hand. */
    public function stocked(Stock $stock): self
    {
        return new self(
            $this->kind,
            $this->measures,
            $this->ratchetTeeth,
            $this->methods,
            $stock,
            $this->sideClamps,
            $this->fittings,
        );
    }

    /** As measured, or what is usual; null where there is neither. */
    public function at(FrameMeasure $measure): ?Length
    {
        return $this->measures[$measure->value] ?? $measure->usual($this->kind);
    }

    /** The same where there always is one; nothing where there is none after all. */
    public function size(FrameMeasure $measure): Length
    {
        return $this->at($measure) ?? Length::zero();
    }

    /** Null on poles, and where nobody measured it. */
    public function leaderWidth(): ?Length
    {
        $width = $this->at(FrameMeasure::LeaderWidth);

        return true === $width?->isPositive() ? $width : null;
    }

    public function usableAcross(): Length
    {
        return $this->size(FrameMeasure::Rail)
            ->minus($this->size(FrameMeasure::UnreachableLeft))
            ->minus($this->size(FrameMeasure::UnreachableRight));
    }

    /** From the front bar to the take-up, or about as much where that was not measured. */
    public function bed(): Length
    {
        return $this->at(FrameMeasure::BedSpan) ?? $this->size(FrameMeasure::Throat);
    }

    /**
     * The depth to stitch in before anything is wound on: throat less both allowances (the everyday rule: less six).
     */
    public function bareDepth(): Length
    {
        return $this->size(FrameMeasure::Throat)
            ->minus($this->size(FrameMeasure::FrontAllowance))
            ->minus($this->size(FrameMeasure::BackAllowance));
    }
}
