<?php

declare(strict_types=1);

namespace App\Account\SecondStep;

use App\Account\Person;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\RequestStack;
use Symfony\Component\Security\Http\Authenticator\Passport\Badge\RememberMeBadge;
use Symfony\Component\Security\Http\Authenticator\Passport\Credentials\PasswordCredentials;
use Symfony\Component\Security\Http\Event\CheckPassportEvent;

/** Lets nobody in by the password alone who has a second step: asked after the password was found right. */
#[AsEventListener(priority: -100)]
final readonly class SecondStepAsked
{
    public function __construct(private HalfWay $halfWay, private RequestStack $requests) {}

    public function __invoke(CheckPassportEvent $event): void
    {
        $passport = $event->getPassport();
        $password = $passport->getBadge(PasswordCredentials::class);
        $person = $passport->getUser();
        if (
            !($password instanceof PasswordCredentials) ||
            !$password->isResolved() ||
            !($person instanceof Person) ||
            !$person->hasSecondStep()
        ) {
            return;
        }
        $remember = $passport->getBadge(RememberMeBadge::class);
        $request = $this->requests->getMainRequest();
        $this->halfWay->begin(
            $this->requests->getSession(),
            $person,
            $remember instanceof RememberMeBadge && null !== $request && $request->getPayload()->has('_remember_me'),
        );
        throw new SecondStepNeeded();
    }
}
