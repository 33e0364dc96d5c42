<?php

declare(strict_types=1);

namespace App\Measure;

use Schwung\Core\Measure\Figure;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\LengthWriter;
use Schwung\Core\Measure\Phrase;
use Schwung\Core\Measure\UnitSystem;
use Schwung\Core\Measure\Worked;
use Schwung\Core\Sizing\Yardage;
use Twig\Attribute\AsTwigFilter;
use Twig\Attribute\AsTwigFunction;

/** Writes lengths and sentences in the units of the person who is looking. */
final readonly class UnitsExtension
{
    public function __construct(private CurrentUnits $units) {}

    #[AsTwigFilter('in_units')]
    public function inUnits(string|Length|Figure|Worked|Phrase $value): string
    {
        $writer = $this->units->writer();

        return match (true) {
            \is_string($value) => $value,
            $value instanceof Length => $writer->write($value),
            $value instanceof Worked => $value->figure->writtenBy($writer),
            default => $value->writtenBy($writer),
        };
    }

    /** A need in the units of the page, and in the other system beside it: "77 in (195.6 cm)". */
    #[AsTwigFilter('in_both')]
    public function inBoth(Length|Worked $value): string
    {
        $figure = Figure::needed($value instanceof Worked ? $value->length() : $value);

        return $figure->writtenBy($this->units->writer()) . ' (' . $this->inOtherUnits($value) . ')';
    }

    /** A need in the system that the page does not go by. */
    #[AsTwigFilter('in_other_units')]
    public function inOtherUnits(Length|Worked $value): string
    {
        $other = UnitSystem::Inches === $this->units->system() ? UnitSystem::Centimetres : UnitSystem::Inches;

        return Figure::needed($value instanceof Worked ? $value->length() : $value)->writtenBy(
            new LengthWriter($other),
        );
    }

    /** A length that must not be written too small: what is cut. */
    #[AsTwigFilter('needed')]
    public function needed(Length $value): string
    {
        return Figure::needed($value)->writtenBy($this->units->writer());
    }

    /** Readings along a leader or of the register: inches in sixteenths. */
    #[AsTwigFilter('in_sixteenths')]
    public function inSixteenths(Length|Figure $value): string
    {
        $writer = new LengthWriter($this->units->system(), 16);

        return $value instanceof Figure ? $value->writtenBy($writer) : $writer->write($value);
    }

    /** A long way in yards or metres, to the tenth: what a thread or a machine runs. */
    #[AsTwigFilter('in_long_units')]
    public function inLongUnits(Length $length): string
    {
        return UnitSystem::Inches === $this->units->system()
            ? number_format($length->toInches() / 36, 1) . ' yd'
            : number_format($length->toMillimetres() / 1000, 1) . ' m';
    }

    /** The same for cloth that is bought: "2 ⅝ yd (2.4 m)". */
    #[AsTwigFilter('yardage_in_both')]
    public function yardageInBoth(Length $length): string
    {
        $other = UnitSystem::Inches === $this->units->system() ? UnitSystem::Centimetres : UnitSystem::Inches;

        return $this->yardage($length) . ' (' . Yardage::of($length)->writtenIn($other) . ')';
    }

    #[AsTwigFilter('yardage')]
    public function yardage(Length $length): string
    {
        return Yardage::of($length)->writtenIn($this->units->system());
    }

    /** A share as a signed percentage: 0.0087 becomes "+0.9 %". */
    #[AsTwigFilter('percent')]
    public function percent(float $share): string
    {
        return strtr(\sprintf('%+.1f %%', 100 * $share), ['-' => '−', '+0.0' => '0.0', '-0.0' => '0.0']);
    }

    #[AsTwigFunction('units')]
    public function units(): UnitSystem
    {
        return $this->units->system();
    }
}
