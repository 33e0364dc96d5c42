<?php

declare(strict_types=1);

namespace App\Platform;

use Doctrine\DBAL\Exception\ConnectionException;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Event\ExceptionEvent;
use Twig\Environment;

/** While the database does not answer, a page says so, and that what was saved is still there. */
#[AsEventListener(priority: 10)]
final readonly class DatabaseAway
{
    private const SECONDS = 5;

    public function __construct(private Environment $twig) {}

    public function __invoke(ExceptionEvent $event): void
    {
        for ($cause = $event->getThrowable(); null !== $cause; $cause = $cause->getPrevious()) {
            if ($cause instanceof ConnectionException) {
                $event->setResponse(
                    new Response(
                        $this->twig->render('platform/away.html.twig', [
                            // What was sent is sent again by whoever sent it.
                            'seconds' => $event->getRequest()->isMethodSafe() ? self::SECONDS : null,
                        ]),
                        Response::HTTP_SERVICE_UNAVAILABLE,
                        ['Retry-After' => (string) self::SECONDS],
                    ),
                );

                return;
            }
        }
    }
}
