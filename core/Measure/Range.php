<?php

declare(strict_types=1);

namespace Schwung\Core\Measure;

/** A length that is not known yet, between the least and the most that it can be. */
final readonly class Range
{
    public function __construct(public Length $low, public Length $high) {}

    public static function of(Length $known): self
    {
        return new self($known, $known);
    }

    public function isClosed(): bool
    {
        return 0 === $this->low->compareTo($this->high);
    }

    public function width(): Length
    {
        return $this->high->minus($this->low);
    }

    /** What is left of this when that is taken away: least where this is least and that most. */
    public function minus(self $that): self
    {
        return new self($this->low->minus($that->high), $this->high->minus($that->low));
    }

    public function contains(Length $length): bool
    {
        return !$length->isShorterThan($this->low) && !$length->isLongerThan($this->high);
    }

    /** Of several lengths, the longest. */
    public static function longest(self ...$ranges): self
    {
        $ranges = array_values($ranges);

        return new self(
            Length::longest(...array_map(static fn(self $range): Length => $range->low, $ranges)),
            Length::longest(...array_map(static fn(self $range): Length => $range->high, $ranges)),
        );
    }

    /** Of several lengths, the shortest. */
    public static function shortest(self ...$ranges): self
    {
        $ranges = array_values($ranges);

        return new self(
            Length::shortest(...array_map(static fn(self $range): Length => $range->low, $ranges)),
            Length::shortest(...array_map(static fn(self $range): Length => $range->high, $ranges)),
        );
    }
}
