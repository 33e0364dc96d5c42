<?php

declare(strict_types=1);

namespace App\Platform;

use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpKernel\Event\RequestEvent;
use Symfony\Component\HttpKernel\Exception\AccessDeniedHttpException;

/**
 * What changes something comes from our own pages: beside the token, the browser's word for where it came from
 * counts.
 */
#[AsEventListener(priority: 64)]
final readonly class SameOrigin
{
    public function __invoke(RequestEvent $event): void
    {
        $request = $event->getRequest();
        $origin = $request->headers->get('Origin');
        if (!$event->isMainRequest() || $request->isMethodSafe() || null === $origin) {
            return;
        }
        if ($origin !== $request->getSchemeAndHttpHost()) {
            throw new AccessDeniedHttpException('This was sent by another page than ours.');
        }
    }
}
