<?php

declare(strict_types=1);

namespace App\Platform;

use Doctrine\DBAL\Exception\ConnectionException;
use Doctrine\DBAL\Exception\DriverException;
use Psr\Log\LoggerInterface;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Event\ExceptionEvent;
use Twig\Environment;

/** While the database does not answer, a page says so, and that what was saved is still there. */
#[AsEventListener(priority: 10)]
final readonly class DatabaseAway
{
    private const SECONDS = 5;
    /** MariaDB's "shutting down", and the client's "no connection", "gone away" and "lost during the query". */
    private const CODES = [1053, 2002, 2003, 2006, 2013];

    public function __construct(private Environment $twig, private LoggerInterface $logger) {}

    public function __invoke(ExceptionEvent $event): void
    {
        for ($cause = $event->getThrowable(); null !== $cause; $cause = $cause->getPrevious()) {
            if (self::isAway($cause)) {
                $this->logger->critical('The database does not answer.', ['exception' => $cause]);
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

    private static function isAway(\Throwable $cause): bool
    {
        return match (true) {
            $cause instanceof ConnectionException => true,
            $cause instanceof DriverException => \in_array($cause->getCode(), self::CODES, true),
            // Sessions are read and written past Doctrine; a connection that is not made has its code alone.
            $cause instanceof \PDOException => \in_array($cause->errorInfo[1] ?? $cause->getCode(), self::CODES, true),
            default => false,
        };
    }
}
