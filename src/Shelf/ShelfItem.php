<?php

declare(strict_types=1);

namespace App\Shelf;

use App\Shelf\Batting\ShelfBatting;
use Schwung\Core\Measure\Length;
use Schwung\Core\Shelf\Cut;
use Schwung\Core\Shelf\Need;

/** A roll or a piece on the page, and what it would do for the quilt that is laid over the shelf. */
final readonly class ShelfItem
{
    /**
     * @param Cut|null $cut       null where no quilt is laid over, or it does not serve
     * @param bool     $isPlanned whether it is meant for that quilt
     */
    private function __construct(
        public ShelfBatting $batting,
        private ?Need $need,
        public ?Cut $cut,
        public bool $isPlanned,
    ) {}

    /** Laid over by what a quilt needs; by nothing where there is none. */
    public static function under(?Need $need, ShelfBatting $batting, bool $isPlanned = false): self
    {
        return new self($batting, $need, null === $need ? null : $batting->forRule()->cut($need), $isPlanned);
    }

    public function serves(): bool
    {
        return null !== $this->cut;
    }

    /** Of the part that is cut for the quilt, along the width; null where it does not serve. */
    public function over(): ?Length
    {
        return null === $this->cut ? null : ($this->cut->turned ? $this->need?->along : $this->need?->across);
    }

    /** Of the part, along the length; null where it does not serve. */
    public function off(): ?Length
    {
        return null === $this->cut ? null : ($this->cut->turned ? $this->need?->across : $this->need?->along);
    }

    /** Square metres that serving costs: of a roll new cloth, of a piece what is left over. */
    public function cost(): float
    {
        $batting = $this->batting;
        $long = $this->cut->length ?? $batting->length();
        $area = $batting->width()->toMillimetres() * $long->toMillimetres();
        $part = ($this->need?->across->toMillimetres() ?? 0.0) * ($this->need?->along->toMillimetres() ?? 0.0);

        return ($batting->isRoll() ? $area : $area - $part) / 1e6;
    }
}
