<?php

declare(strict_types=1);

namespace Schwung\Core\Learning;

use Schwung\Core\Measure\Length;

/** How thick the take-up roll was found with so much quilt wound on; both in millimetres. */
final readonly class RollReading
{
    private function __construct(public float $wound, public float $radius) {}

    /** @param Length $round what a tape laid once round the roll says */
    public static function round(Length $wound, Length $round): self
    {
        return new self($wound->toMillimetres(), $round->toMillimetres() / (2 * \M_PI));
    }

    public static function diameter(Length $wound, Length $through): self
    {
        return new self($wound->toMillimetres(), $through->toMillimetres() / 2);
    }

    /**
     * What an advance tells: so many turns took up what lies between, so that the mean radius was that over 2π a turn.
     *
     * @param float $turns more than none
     */
    public static function advance(Length $from, Length $to, float $turns): self
    {
        $length = $to->minus($from)->toMillimetres();

        return new self(($from->toMillimetres() + $to->toMillimetres()) / 2, $length / (2 * \M_PI * $turns));
    }
}
