<?php

declare(strict_types=1);

namespace Schwung\Core\Material;

use Schwung\Core\Measure\Length;

/**
 * How heavy a thread is for its length: in tex, grams for a kilometre. A number counts the other way, kilometres for a
 * kilogram, so that number 40 is 25 tex.
 */
final readonly class ThreadWeight
{
    public const LIGHTEST_TEX = 5;
    public const HEAVIEST_TEX = 200;
    /** The thread that a bobbin's capacity is told of where none is chosen: number 40. */
    public const USUAL_TEX = 25.0;

    private function __construct(public float $tex) {}

    /** Null where no sewing thread is so light or so heavy. */
    public static function ofTex(float $tex): ?self
    {
        return $tex >= self::LIGHTEST_TEX && $tex <= self::HEAVIEST_TEX ? new self($tex) : null;
    }

    /** Null where no sewing thread has such a number. */
    public static function ofNumber(float $number): ?self
    {
        return $number > 0 ? self::ofTex(1000 / $number) : null;
    }

    public function number(): float
    {
        return 1000 / $this->tex;
    }

    /** How far so many grams of it go. */
    public function length(float $grams): Length
    {
        return Length::millimetres(($grams * 1_000_000) / $this->tex);
    }

    /** What a bobbin holds of it that holds so much of the usual thread: a thicker one fills it sooner. */
    public function onBobbin(Length $usual): Length
    {
        return Length::millimetres(($usual->toMillimetres() * self::USUAL_TEX) / $this->tex);
    }
}
