<?php

declare(strict_types=1);

namespace Schwung\Core\Sizing;

use Schwung\Core\Measure\Length;

/**
 * A rectangle that one piece covers, or two such rectangles beside or above each other.
 *
 * @internal
 */
final readonly class PieceCover
{
    /** @param array{self, self}|null $parts left and right, or upper and lower; null where it is one piece */
    private function __construct(
        public Length $across,
        public Length $along,
        public ?int $piece,
        public bool $turned,
        public ?array $parts = null,
        public bool $isBeside = false,
    ) {}

    public static function of(int $piece, Length $across, Length $along, bool $turned): self
    {
        return new self($across, $along, $piece, $turned);
    }

    /** Side by side, as long as the shorter of both; wider than needed counts as needed. */
    public function beside(self $that, Length $most, Length $longest): self
    {
        $across = Length::shortest($most, $this->across->plus($that->across));
        $along = Length::shortest($longest, $this->along, $that->along);

        return new self($across, $along, null, false, [$this, $that], true);
    }

    /** One above the other, as wide as the narrower of both; longer than needed counts as needed. */
    public function above(self $that, Length $widest, Length $most): self
    {
        $across = Length::shortest($widest, $this->across, $that->across);
        $along = Length::shortest($most, $this->along->plus($that->along));

        return new self($across, $along, null, false, [$this, $that], false);
    }

    public function isAtLeast(Length $across, Length $along): bool
    {
        return !$this->across->isShorterThan($across) && !$this->along->isShorterThan($along);
    }

    /**
     * Those of which none lies within another, widest first.
     *
     * @param list<self> $covers
     *
     * @return list<self>
     */
    public static function greatest(array $covers): array
    {
        usort(
            $covers,
            static fn(self $one, self $other): int => $other->across->compareTo($one->across) ?:
            $other->along->compareTo($one->along),
        );
        $kept = [];
        $longest = Length::zero();
        foreach ($covers as $cover) {
            if ($cover->along->isLongerThan($longest)) {
                $kept[] = $cover;
                $longest = $cover->along;
            }
        }

        return $kept;
    }
}
