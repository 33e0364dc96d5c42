<?php

declare(strict_types=1);

namespace App\Account\Password;

use Symfony\Component\Validator\Constraint;

/**
 * A password that is long enough, not one of the common ones and not made of the person's own words. Length alone
 * counts otherwise: no signs are asked for.
 */
#[\Attribute(\Attribute::TARGET_CLASS)]
final class GoodPassword extends Constraint
{
    public const LEAST = 12;
    public const MOST = 200;

    public function getTargets(): string
    {
        return self::CLASS_CONSTRAINT;
    }
}
