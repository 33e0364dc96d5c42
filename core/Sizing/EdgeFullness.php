<?php

declare(strict_types=1);

namespace Schwung\Core\Sizing;

use Schwung\Core\Measure\Length;

/** How much longer an edge is than the middle of the top, and what that asks for. */
final readonly class EdgeFullness
{
    private function __construct(public Length $edge, public Length $middle) {}

    public static function between(Length $edge, Length $middle): self
    {
        return new self($edge, $middle);
    }

    /** (edge − middle) / middle: 0.01 is one per cent fuller. */
    public function share(): float
    {
        return ($this->edge->nanometres - $this->middle->nanometres) / $this->middle->nanometres;
    }

    /** Up to half a per cent is flat, up to two can be worked in; compared exactly. */
    public function verdict(): EdgeVerdict
    {
        $isFuller = $this->edge->isLongerThan($this->middle);

        return match (true) {
            !$this->exceedsPerThousand(5) => EdgeVerdict::Flat,
            !$this->exceedsPerThousand(20) => $isFuller ? EdgeVerdict::WorkIn : EdgeVerdict::WorkInBody,
            default => $isFuller ? EdgeVerdict::TooFull : EdgeVerdict::TooTight,
        };
    }

    /** Whether the difference, either way, is more than this many thousandths of the middle. */
    public function exceedsPerThousand(int $perThousand): bool
    {
        return 1000 * abs($this->edge->nanometres - $this->middle->nanometres) >
            $perThousand * $this->middle->nanometres;
    }
}
