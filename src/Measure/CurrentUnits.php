<?php

declare(strict_types=1);

namespace App\Measure;

use App\Account\Person;
use Schwung\Core\Measure\LengthWriter;
use Schwung\Core\Measure\UnitSystem;
use Symfony\Bundle\SecurityBundle\Security;

/** The unit system of the person who is looking. */
final readonly class CurrentUnits
{
    public function __construct(private Security $security) {}

    public function system(): UnitSystem
    {
        $person = $this->security->getUser();

        return $person instanceof Person ? $person->units() : UnitSystem::Inches;
    }

    public function writer(): LengthWriter
    {
        return new LengthWriter($this->system());
    }
}
