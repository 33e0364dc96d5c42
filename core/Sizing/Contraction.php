<?php

declare(strict_types=1);

namespace Schwung\Core\Sizing;

use Schwung\Core\Measure\Length;

/** By how much quilting drew a top in. */
final readonly class Contraction
{
    /** A top never grows by quilting; a pull and a tape may make it seem so by a little. */
    private const GROWN = 1.005;
    private const TAPE_INCHES = 0.25;

    /**
     * @param float $across of a hundred of the top, to one decimal; less than none where it grew
     * @param float $along  likewise
     */
    private function __construct(public float $across, public float $along) {}

    /** Of a top and of the finished quilt, both as they lie flat: width and length. */
    public static function of(Length $topWidth, Length $topLength, Length $width, Length $length): self
    {
        return new self(self::part($topWidth, $width), self::part($topLength, $length));
    }

    /** Whether a finished quilt can be so large, one way, of a top that was so large. */
    public static function canBe(Length $top, Length $finished): bool
    {
        $most = $top->toMillimetres() * self::GROWN + Length::inches(self::TAPE_INCHES)->toMillimetres();

        return $finished->toMillimetres() <= $most;
    }

    private static function part(Length $top, Length $now): float
    {
        return round(100 - (100 * $now->nanometres) / max(1, $top->nanometres), 1);
    }
}
