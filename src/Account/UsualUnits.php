<?php

declare(strict_types=1);

namespace App\Account;

use Schwung\Core\Measure\UnitSystem;
use Symfony\Component\HttpFoundation\Request;

/** The units that quilters are used to where a browser says it is; a proposal, never more. */
final class UsualUnits
{
    /** English is spoken where quilts are measured in inches, whatever cloth is sold by. */
    private const INCHES = ['en', 'my'];

    public static function of(Request $request): UnitSystem
    {
        $language = $request->getLanguages()[0] ?? 'en';

        return \in_array(strtok($language, '_-'), self::INCHES, true) ? UnitSystem::Inches : UnitSystem::Centimetres;
    }
}
