<?php

declare(strict_types=1);

namespace Schwung\Core\Sizing;

use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\LengthWriter;
use Schwung\Core\Measure\Rounding;
use Schwung\Core\Measure\UnitSystem;

/** A length of cloth as it is bought: yards to the next eighth, metres to the next tenth. */
final readonly class Yardage
{
    /** Cloth is sold by the eighth of a yard, or by the tenth of a metre. */
    public const STEP_INCHES = 4.5;
    public const STEP_MILLIMETRES = 100;

    private function __construct(private Length $length) {}

    public static function of(Length $length): self
    {
        return new self($length);
    }

    public function writtenIn(UnitSystem $units): string
    {
        if (UnitSystem::Centimetres === $units) {
            return \sprintf(
                '%.1f m',
                $this->length->roundedTo(Length::millimetres(self::STEP_MILLIMETRES), Rounding::Up)->toMillimetres() /
                    1000,
            );
        }
        // A yard is 36 in, so that eighths of a yard read as eighths of an inch at a 36th of the length.
        $eighths = $this->length->roundedTo(Length::inches(self::STEP_INCHES), Rounding::Up)->scaledBy(1, 36);

        return (new LengthWriter($units))->number($eighths) . ' yd';
    }
}
