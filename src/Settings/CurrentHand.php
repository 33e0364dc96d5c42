<?php

declare(strict_types=1);

namespace App\Settings;

use App\Account\Person;
use Schwung\Core\Practice\Hand;
use Symfony\Bundle\SecurityBundle\Security;

/** The working hand of the person who is looking. */
final readonly class CurrentHand
{
    public function __construct(private Security $security) {}

    public function hand(): Hand
    {
        $person = $this->security->getUser();

        return $person instanceof Person ? $person->hand() : Hand::Right;
    }
}
