<?php

declare(strict_types=1);

namespace App\Account;

use App\Account\Address\AccountLetters;
use App\Account\Address\SignUpWaiting;
use App\Audit\AuditLog;
use App\Audit\Happening;
use Doctrine\ORM\EntityManagerInterface;
use Psr\Clock\ClockInterface;
use Symfony\Component\PasswordHasher\Hasher\UserPasswordHasherInterface;

/** Opens a studio with its owner, and lets invited helpers in. */
final readonly class StudioOpening
{
    public function __construct(
        private EntityManagerInterface $entities,
        private UserPasswordHasherInterface $hasher,
        private AccountLetters $letters,
        private AuditLog $log,
        private ClockInterface $clock,
    ) {}

    public function open(SignUp $signUp): Person
    {
        $owner = $this->owner($signUp);
        $owner->changePassword($this->hasher->hashPassword($owner, $signUp->password));
        $this->entities->flush();
        $this->letters->askToConfirm($owner);

        return $owner;
    }

    /** Opens what somebody has asked for who has answered its letter. */
    public function openWaiting(SignUpWaiting $waiting): Person
    {
        $owner = $this->owner($waiting->signUp());
        $owner->changePassword($waiting->passwordHash);
        $owner->confirmAddress($this->clock->now());
        $this->entities->remove($waiting);
        $this->entities->flush();

        return $owner;
    }

    /** @param bool $isMailed whether the link reached its reader by mail alone, so that the address is theirs */
    public function join(Invitation $invitation, #[\SensitiveParameter] string $password, bool $isMailed): Person
    {
        $helper = Person::helper($invitation->studio, $invitation->name, $invitation->email);
        $helper->changePassword($this->hasher->hashPassword($helper, $password));
        if ($isMailed) {
            $helper->confirmAddress($this->clock->now());
        }
        $this->entities->remove($invitation);
        $this->entities->persist($helper);
        $this->entities->flush();
        $this->log->note($helper, Happening::HelperJoined, $helper->email());
        if (!$isMailed) {
            $this->letters->askToConfirm($helper);
        }

        return $helper;
    }

    private function owner(SignUp $signUp): Person
    {
        $studio = new Studio(trim($signUp->studio), $signUp->units, $signUp->timeZone());
        $this->entities->persist($studio);
        $owner = Person::owner($studio, $signUp->name(), $signUp->email);
        $this->entities->persist($owner);

        return $owner;
    }
}
