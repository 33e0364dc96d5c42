<?php

declare(strict_types=1);

namespace Schwung\Core\Bringing;

use Schwung\Core\Measure\Length;

/** What a length usually is: its mean, and how far one goes from it (the standard deviation of a sample). */
final readonly class Usual
{
    private function __construct(public Length $mean, public Length $spread, public int $restsOn) {}

    /** @param non-empty-list<Length> $lengths */
    public static function of(array $lengths): self
    {
        $count = \count($lengths);
        $sizes = array_map(static fn(Length $length): float => $length->toMillimetres(), $lengths);
        $mean = array_sum($sizes) / $count;
        $squares = array_sum(array_map(static fn(float $size): float => ($size - $mean) ** 2, $sizes));

        return new self(
            Length::millimetres($mean),
            Length::millimetres($count > 1 ? sqrt($squares / ($count - 1)) : 0.0),
            $count,
        );
    }
}
