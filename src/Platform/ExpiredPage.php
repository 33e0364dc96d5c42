<?php

declare(strict_types=1);

namespace App\Platform;

use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Event\ExceptionEvent;
use Symfony\Component\Security\Core\Exception\InvalidCsrfTokenException;
use Twig\Environment;

/** Tells a person whose page has lost its token so, before the firewall takes it for a stranger's. */
#[AsEventListener(priority: 10)]
final readonly class ExpiredPage
{
    public function __construct(private Environment $twig) {}

    public function __invoke(ExceptionEvent $event): void
    {
        if ($event->getThrowable() instanceof InvalidCsrfTokenException) {
            $event->setResponse(
                new Response($this->twig->render('platform/expired.html.twig'), Response::HTTP_FORBIDDEN),
            );
        }
    }
}
