<?php

declare(strict_types=1);

namespace Tests\Core\Season;

use Random\Engine\Mt19937;
use Random\Randomizer;

/** Draws by lot, the same for the same number on every machine. */
final readonly class Lot
{
    private Randomizer $lot;

    public function __construct(int $number)
    {
        $this->lot = new Randomizer(new Mt19937($number));
    }

    /**
     * @template T
     *
     * @param list<T> $choices at least one
     *
     * @return T
     */
    public function of(array $choices): mixed
    {
        return $choices[$this->lot->getInt(0, \count($choices) - 1)];
    }

    /**
     * @template T of \UnitEnum
     *
     * @param class-string<T> $enum
     *
     * @return T
     */
    public function case(string $enum): \UnitEnum
    {
        return $this->of($enum::cases());
    }

    /** @param class-string<\BackedEnum> $enum */
    public function word(string $enum): string
    {
        return (string) $this->case($enum)->value;
    }

    public function between(int $least, int $most): int
    {
        return $this->lot->getInt($least, $most);
    }

    public function isOf(int $percent): bool
    {
        return $this->lot->getInt(1, 100) <= $percent;
    }

    /**
     * @template T
     *
     * @param T $value
     *
     * @return T|null the value, or nothing
     */
    public function perhaps(int $percent, mixed $value): mixed
    {
        return $this->isOf($percent) ? $value : null;
    }

    /** @return array<string, mixed> the member, or nothing */
    public function maybe(int $percent, string $member, mixed $value): array
    {
        return $this->isOf($percent) ? [$member => $value] : [];
    }
}
