<?php

declare(strict_types=1);

namespace App\Quilt\Loading;

/** The paper that a studio's printer holds. */
enum Paper: string
{
    case Letter = 'letter';
    case A4 = 'a4';

    /** Where shops sell Letter, by country code; everywhere else it is A4. */
    private const LETTER_IN = [
        'US',
        'CA',
        'MX',
        'PR',
        'PH',
        'CL',
        'CO',
        'VE',
        'CR',
        'GT',
        'HN',
        'NI',
        'PA',
        'SV',
        'DO',
    ];

    /** By the place that the clock goes by. */
    public static function at(\DateTimeZone $place): self
    {
        $country = $place->getLocation()['country_code'] ?? '';

        return \in_array($country, self::LETTER_IN, true) ? self::Letter : self::A4;
    }

    /** In millimetres, above and below: Letter is 18 mm shorter, and a load sheet has the same two sides on it. */
    public function margin(): int
    {
        return self::Letter === $this ? 8 : 11;
    }

    /** Between the margins, in millimetres. */
    public function height(): float
    {
        return (self::Letter === $this ? 279.4 : 297.0) - 2 * $this->margin();
    }
}
