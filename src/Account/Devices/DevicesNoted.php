<?php

declare(strict_types=1);

namespace App\Account\Devices;

use App\Account\Person;
use Psr\Clock\ClockInterface;
use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\Cookie;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\Security\Core\Exception\AuthenticationException;
use Symfony\Component\Security\Http\Event\LoginSuccessEvent;
use Symfony\Component\Security\Http\Event\LogoutEvent;
use Symfony\Component\Security\Http\RememberMe\RememberMeDetails;
use Symfony\Component\Security\Http\RememberMe\ResponseListener;

/** Keeps the list of devices on which somebody is signed in. */
final readonly class DevicesNoted
{
    public function __construct(
        private SignedInRepository $devices,
        private ClockInterface $clock,
        #[Autowire('%env(host_cookie:REMEMBER_COOKIE)%')] private string $rememberedAs,
    ) {}

    /** After the session has its new name and the cookie that remembers the device is made. */
    #[AsEventListener(priority: -200)]
    public function in(LoginSuccessEvent $event): void
    {
        $person = $event->getUser();
        $request = $event->getRequest();
        if (!($person instanceof Person) || !$request->hasSession()) {
            return;
        }
        $session = $request->getSession()->getId();
        $series = $this->series($request);
        $kind = DeviceKind::of((string) $request->headers->get('User-Agent'));
        $address = (string) $request->getClientIp();
        $known = null === $series ? null : $this->devices->findBySeries($series);
        $known ??= $this->devices->findBySession($session);
        if (null !== $known && $known->person === $person) {
            $known->comeBack($session, $kind, $address);
            $this->devices->save();

            return;
        }
        $this->devices->keep(new SignedIn($person, $session, $series, $kind, $address, $this->clock->now()));
    }

    /** Before the session is emptied and has another name. */
    #[AsEventListener(priority: 200)]
    public function out(LogoutEvent $event): void
    {
        $request = $event->getRequest();
        $device = $request->hasSession() ? $this->devices->findBySession($request->getSession()->getId()) : null;
        if (null !== $device) {
            $this->devices->drop($device);
        }
    }

    private function series(Request $request): ?string
    {
        $made = $request->attributes->get(ResponseListener::COOKIE_ATTR_NAME);
        $raw = $made instanceof Cookie ? $made->getValue() : $request->cookies->getString($this->rememberedAs);
        if (null === $raw || '' === $raw) {
            return null;
        }
        try {
            return explode(':', RememberMeDetails::fromRawCookie($raw)->getValue())[0];
        } catch (AuthenticationException) {
            return null;
        }
    }
}
