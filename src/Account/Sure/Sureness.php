<?php

declare(strict_types=1);

namespace App\Account\Sure;

use Psr\Clock\ClockInterface;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\RedirectResponse;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpFoundation\Session\SessionInterface;
use Symfony\Component\HttpKernel\Event\ControllerArgumentsEvent;
use Symfony\Component\Routing\Generator\UrlGeneratorInterface;
use Symfony\Component\Security\Http\Authenticator\Passport\Credentials\CustomCredentials;
use Symfony\Component\Security\Http\Authenticator\Passport\Credentials\PasswordCredentials;
use Symfony\Component\Security\Http\Event\LoginSuccessEvent;

/** Whether the one who sits there has shown within the last ten minutes who it is; what is grave asks before. */
final readonly class Sureness
{
    private const KEY = 'sure';
    private const SECONDS = 600;

    public function __construct(private ClockInterface $clock, private UrlGeneratorInterface $urls) {}

    public function show(SessionInterface $session): void
    {
        $session->set(self::KEY, $this->clock->now()->getTimestamp());
    }

    public function isShown(SessionInterface $session): bool
    {
        $shown = $session->get(self::KEY);

        return \is_int($shown) && $this->clock->now()->getTimestamp() - $shown < self::SECONDS;
    }

    #[AsEventListener]
    public function signedIn(LoginSuccessEvent $event): void
    {
        $passport = $event->getPassport();
        // A device that is remembered shows nothing of who sits there.
        if ($passport->hasBadge(PasswordCredentials::class) || $passport->hasBadge(CustomCredentials::class)) {
            $this->show($event->getRequest()->getSession());
        }
    }

    /** After it was found that the person may do it at all. */
    #[AsEventListener(priority: -10)]
    public function ask(ControllerArgumentsEvent $event): void
    {
        $request = $event->getRequest();
        if ([] === $event->getAttributes(Grave::class) || $this->isShown($request->getSession())) {
            return;
        }
        $back = $request->isMethodSafe() ? $request->getRequestUri() : $request->headers->get('Referer', '');
        $path = parse_url((string) $back, \PHP_URL_PATH);
        $event->setArguments([]);
        $event->setController(
            fn(): RedirectResponse => new RedirectResponse(
                $this->urls->generate('app_account_sure', ['back' => \is_string($path) ? $path : '/']),
                Response::HTTP_SEE_OTHER,
            ),
        );
    }
}
