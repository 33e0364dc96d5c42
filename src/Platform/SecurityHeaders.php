<?php

declare(strict_types=1);

namespace App\Platform;

use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpKernel\Event\ResponseEvent;
use Symfony\Component\HttpKernel\EventListener\AbstractSessionListener;

/** Every answer forbids what the application never does: foreign or inline scripts and styles, framing, sniffing. */
#[AsEventListener]
final readonly class SecurityHeaders
{
    private const POLICY =
        "default-src 'none'; script-src 'self'; style-src 'self'; font-src 'self'; img-src " .
        "'self' data:; connect-src 'self'; form-action 'self'; base-uri 'none'; frame-ancestors " .
        "'none'; manifest-src 'self'";

    public function __invoke(ResponseEvent $event): void
    {
        if (!$event->isMainRequest()) {
            return;
        }
        $headers = $event->getResponse()->headers;
        $headers->set('Content-Security-Policy', self::POLICY);
        $headers->set('X-Content-Type-Options', 'nosniff');
        $headers->set('X-Frame-Options', 'DENY');
        $headers->set('Referrer-Policy', 'same-origin');
        $headers->set('Permissions-Policy', 'camera=(), microphone=(), geolocation=()');
        $headers->set('Cross-Origin-Opener-Policy', 'same-origin');
        $isPage = str_starts_with((string) $headers->get('Content-Type', 'text/html'), 'text/html');
        if ($isPage && $event->getRequest()->hasPreviousSession()) {
            // What somebody signed in has seen is not for whoever sits there next.
            $headers->set('Cache-Control', 'no-store, private');
            $headers->set(AbstractSessionListener::NO_AUTO_CACHE_CONTROL_HEADER, 'true');
        }
        header_remove('X-Powered-By');
        if ($event->getRequest()->isSecure()) {
            $headers->set('Strict-Transport-Security', 'max-age=31536000');
        }
    }
}
