<?php

declare(strict_types=1);

namespace App\Audit;

use App\Account\Person;
use App\Account\PersonRepository;
use App\Account\SecondStep\SecondStepNeeded;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\Security\Http\Authenticator\Passport\Badge\UserBadge;
use Symfony\Component\Security\Http\Event\LoginFailureEvent;
use Symfony\Component\Security\Http\Event\LoginSuccessEvent;
use Symfony\Component\Security\Http\Event\LogoutEvent;

/** Notes who came in, who went, and whose door somebody rattled at. */
final readonly class SignInsNoted
{
    public function __construct(private AuditLog $log, private PersonRepository $people) {}

    #[AsEventListener]
    public function in(LoginSuccessEvent $event): void
    {
        $person = $event->getUser();
        if ($person instanceof Person) {
            $this->log->note($person, Happening::SignedIn);
        }
    }

    #[AsEventListener]
    public function out(LogoutEvent $event): void
    {
        $person = $event->getToken()?->getUser();
        if ($person instanceof Person) {
            $this->log->note($person, Happening::SignedOut);
        }
    }

    #[AsEventListener]
    public function failed(LoginFailureEvent $event): void
    {
        $badge = $event->getPassport()?->getBadge(UserBadge::class);
        if (!($badge instanceof UserBadge) || $event->getException() instanceof SecondStepNeeded) {
            return;
        }
        $person = $this->people->loadUserByIdentifier($badge->getUserIdentifier());
        if (null !== $person) {
            $this->log->noteOf($person->studio(), $person->name(), Happening::SignInFailed);
        }
    }
}
