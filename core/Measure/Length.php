<?php

declare(strict_types=1);

namespace Schwung\Core\Measure;

use Schwung\Core\Measure\Exception\UnreadableLength;

/**
 * A length or a signed offset, kept as a whole number of nanometres, in which an inch (25 400 000) and a
 * millimetre (1 000 000) are both whole, so that nothing drifts when units change.
 */
final readonly class Length
{
    public const NANOMETRES_PER_INCH = 25_400_000;
    public const NANOMETRES_PER_MILLIMETRE = 1_000_000;

    private function __construct(public int $nanometres) {}

    public static function ofNanometres(int $nanometres): self
    {
        return new self($nanometres);
    }

    public static function zero(): self
    {
        return new self(0);
    }

    /** Takes the nearest whole nanometre. */
    public static function inches(int|float $inches): self
    {
        return new self((int) round($inches * self::NANOMETRES_PER_INCH));
    }

    /** Takes the nearest whole nanometre. */
    public static function millimetres(int|float $millimetres): self
    {
        return new self((int) round($millimetres * self::NANOMETRES_PER_MILLIMETRE));
    }

    /**
     * Reads what a person wrote: "66 1/2", "66½ in", "5 ft 6", "199,4 cm".
     *
     * @param UnitSystem|null $bare the unit of a number without one; null refuses such a number
     *
     * @throws UnreadableLength if the text is no length
     */
    public static function parse(string $text, ?UnitSystem $bare = null): self
    {
        return (new LengthReader())->read($text, $bare);
    }

    public function plus(self ...$those): self
    {
        return new self(
            $this->nanometres + array_sum(array_map(static fn(self $that): int => $that->nanometres, $those)),
        );
    }

    public function minus(self $that): self
    {
        return new self($this->nanometres - $that->nanometres);
    }

    /** A text that parse() reads as just this length: millimetres with six decimals are whole nanometres. */
    public function exactText(): string
    {
        return rtrim(rtrim(\sprintf('%.6F', $this->toMillimetres()), '0'), '.') . ' mm';
    }

    public function times(int $factor): self
    {
        return new self($this->nanometres * $factor);
    }

    /** This length times $numerator / $denominator, to the nearest nanometre. */
    public function scaledBy(int $numerator, int $denominator): self
    {
        return new self((int) round(($this->nanometres * $numerator) / $denominator));
    }

    public function half(): self
    {
        return $this->scaledBy(1, 2);
    }

    public function negated(): self
    {
        return new self(-$this->nanometres);
    }

    /** The nearest multiple of $step in the given direction; halves go away from zero. */
    /** How far, whichever way. */
    public function absolute(): self
    {
        return new self(abs($this->nanometres));
    }

    public function roundedTo(self $step, Rounding $rounding): self
    {
        $quotient = $this->nanometres / $step->nanometres;
        // An exact multiple stays as it is, whatever the floating point quotient says.
        if (0 === $this->nanometres % $step->nanometres) {
            return $this;
        }

        return $step->times(
            (int) match ($rounding) {
                Rounding::Up => ceil($quotient),
                Rounding::Nearest => round($quotient),
                Rounding::Down => floor($quotient),
            },
        );
    }

    /** Negative, zero or positive as this is shorter than, equal to or longer than $that. */
    public function compareTo(self $that): int
    {
        return $this->nanometres <=> $that->nanometres;
    }

    public function isLongerThan(self $that): bool
    {
        return $this->nanometres > $that->nanometres;
    }

    public function isShorterThan(self $that): bool
    {
        return $this->nanometres < $that->nanometres;
    }

    public function isNegative(): bool
    {
        return $this->nanometres < 0;
    }

    public function isPositive(): bool
    {
        return $this->nanometres > 0;
    }

    public static function longest(self $first, self ...$others): self
    {
        return new self(
            max([$first->nanometres, ...array_map(static fn(self $that): int => $that->nanometres, $others)]),
        );
    }

    public static function shortest(self $first, self ...$others): self
    {
        return new self(
            min([$first->nanometres, ...array_map(static fn(self $that): int => $that->nanometres, $others)]),
        );
    }

    public function toMillimetres(): float
    {
        return $this->nanometres / self::NANOMETRES_PER_MILLIMETRE;
    }

    public function toInches(): float
    {
        return $this->nanometres / self::NANOMETRES_PER_INCH;
    }
}
