<?php

declare(strict_types=1);

namespace App\Quilt\Loading;

use App\Account\Person;
use App\Quilt\Quilt;
use Symfony\Bundle\SecurityBundle\Security;

/** The ways of loading that a quilt would begin with for the person who is looking. */
final readonly class CurrentWays
{
    public function __construct(private Security $security) {}

    public function of(Quilt $quilt): Ways
    {
        $person = $this->security->getUser();

        return Ways::of($quilt->studio, $quilt->frame(), $person instanceof Person ? $person : null);
    }
}
