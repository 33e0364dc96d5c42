<?php

declare(strict_types=1);

namespace App\Settings;

use Symfony\Component\Form\DataTransformerInterface;

/**
 * Metres as they are kept, shown and read in yards; what comes back as it was shown stays what it was.
 *
 * @implements DataTransformerInterface<float|int, float|int>
 */
final class Yards implements DataTransformerInterface
{
    private const METRES = 0.9144;

    private float|int|null $kept = null;

    /** @param int $decimals that are shown */
    public function __construct(private readonly int $decimals) {}

    public function transform(mixed $value): float|int|null
    {
        $this->kept = $value;

        return null === $value ? null : $this->shown($value);
    }

    public function reverseTransform(mixed $value): float|int|null
    {
        return match (true) {
            null === $value => null,
            null !== $this->kept && $this->shown($this->kept) == $value => $this->kept,
            0 === $this->decimals => (int) round($value * self::METRES),
            default => round($value * self::METRES, 3),
        };
    }

    private function shown(float|int $metres): float|int
    {
        $yards = round($metres / self::METRES, $this->decimals);

        return 0 === $this->decimals ? (int) $yards : $yards;
    }
}
