<?php

declare(strict_types=1);

namespace App\Account;

use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\PasswordHasher\Hasher\UserPasswordHasherInterface;

/** Opens a studio with its owner, and lets invited helpers in. */
final readonly class StudioOpening
{
    public function __construct(
        private EntityManagerInterface $entities,
        private UserPasswordHasherInterface $hasher,
    ) {}

    public function open(SignUp $signUp): Person
    {
        $studio = new Studio(trim($signUp->studio), $signUp->units, $signUp->timeZone);
        $this->entities->persist($studio);

        return $this->enrol(Person::owner($studio, trim($signUp->name), $signUp->email), $signUp->password);
    }

    public function join(Invitation $invitation, #[\SensitiveParameter] string $password): Person
    {
        $this->entities->remove($invitation);

        return $this->enrol(Person::helper($invitation->studio, $invitation->name, $invitation->email), $password);
    }

    private function enrol(Person $person, #[\SensitiveParameter] string $password): Person
    {
        $person->changePassword($this->hasher->hashPassword($person, $password));
        $this->entities->persist($person);
        $this->entities->flush();

        return $person;
    }
}
