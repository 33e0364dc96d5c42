<?php

declare(strict_types=1);

namespace Schwung\Core\Measure;

/**
 * Somebody's habit of lengths: written in one unit system, "66 ½ in" in eighths (or sixteenths), "168.9 cm" to the
 * millimetre; read in any, a bare number in that one, a hand or a finger as it is theirs.
 */
final readonly class LengthWriter
{
    private const GLYPHS = [
        '1/2' => '½',
        '1/4' => '¼',
        '3/4' => '¾',
        '1/8' => '⅛',
        '3/8' => '⅜',
        '5/8' => '⅝',
        '7/8' => '⅞',
    ];

    public function __construct(
        public UnitSystem $units,
        private int $fraction = 8,
        private OwnUnits $own = new OwnUnits(),
    ) {}

    /** @throws Exception\UnreadableLength if the text is no length */
    public function read(string $text): Length
    {
        return (new LengthReader($this->own))->read($text, $this->units);
    }

    public function write(Length $length, Rounding $rounding = Rounding::Nearest): string
    {
        return $this->number($length, $rounding) . ' ' . $this->units->value;
    }

    /** The number without its unit, for a row of figures that shares one. */
    public function number(Length $length, Rounding $rounding = Rounding::Nearest): string
    {
        $steps = $length->roundedTo($this->step(), $rounding);
        $size = $steps->absolute();
        $text = UnitSystem::Inches === $this->units ? $this->inches($size) : $this->centimetres($size);

        return ($steps->isNegative() ? '−' : '') . $text;
    }

    private function step(): Length
    {
        return UnitSystem::Inches === $this->units
            ? Length::ofNanometres(intdiv(Length::NANOMETRES_PER_INCH, $this->fraction))
            : $this->units->step();
    }

    private function inches(Length $length): string
    {
        $parts = (int) round(($length->nanometres * $this->fraction) / Length::NANOMETRES_PER_INCH);
        $whole = intdiv($parts, $this->fraction);
        $numerator = $parts % $this->fraction;
        if (0 === $numerator) {
            return (string) $whole;
        }
        $denominator = $this->fraction;
        while (0 === $numerator % 2) {
            $numerator = intdiv($numerator, 2);
            $denominator = intdiv($denominator, 2);
        }
        $fraction = self::GLYPHS["$numerator/$denominator"] ?? "$numerator/$denominator";

        return 0 === $whole ? $fraction : "$whole $fraction";
    }

    private function centimetres(Length $length): string
    {
        $millimetres = (int) round($length->toMillimetres());

        return intdiv($millimetres, 10) . (0 === $millimetres % 10 ? '' : '.' . $millimetres % 10);
    }
}
