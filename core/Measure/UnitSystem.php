<?php

declare(strict_types=1);

namespace Schwung\Core\Measure;

/** The two habits of writing a length; the value is the word of the documents. */
enum UnitSystem: string
{
    case Inches = 'in';
    case Centimetres = 'cm';

    public function other(): self
    {
        return match ($this) {
            self::Inches => self::Centimetres,
            self::Centimetres => self::Inches,
        };
    }

    /** The finest step that is written: an eighth of an inch, a millimetre. */
    public function step(): Length
    {
        return match ($this) {
            self::Inches => Length::ofNanometres(intdiv(Length::NANOMETRES_PER_INCH, 8)),
            self::Centimetres => Length::ofNanometres(Length::NANOMETRES_PER_MILLIMETRE),
        };
    }
}
