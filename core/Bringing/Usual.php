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
        [$mean, $spread] = self::ofNumbers(
            array_map(static fn(Length $length): float => $length->toMillimetres(), $lengths),
        );

        return new self(Length::millimetres($mean), Length::millimetres($spread), \count($lengths));
    }

    /**
     * @param non-empty-list<float> $numbers
     *
     * @return array{float, float} the mean and the standard deviation; of a single one that is nothing
     */
    public static function ofNumbers(array $numbers): array
    {
        $count = \count($numbers);
        $mean = array_sum($numbers) / $count;
        $squares = array_sum(array_map(static fn(float $number): float => ($number - $mean) ** 2, $numbers));

        return [$mean, $count > 1 ? sqrt($squares / ($count - 1)) : 0.0];
    }
}
