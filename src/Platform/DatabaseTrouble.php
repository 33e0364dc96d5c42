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

/**
 * While the database does not answer, or has no room left, a page says so, and that what was saved is still there; it
 * is noticed however deep it happened.
 */
#[AsEventListener(priority: 10)]
final readonly class DatabaseTrouble
{
    /** MariaDB's "shutting down", and the client's "no connection", "gone away" and "lost during the query". */
    private const AWAY = [1053, 2002, 2003, 2006, 2013];
    private const AWAY_SECONDS = 5;
    /** MariaDB's "disk full", "error writing file" and "the table is full". */
    private const FULL = [1021, 1026, 1114];
    private const FULL_SECONDS = 60;

    public function __construct(private Environment $twig, private LoggerInterface $logger) {}

    public function __invoke(ExceptionEvent $event): void
    {
        for ($cause = $event->getThrowable(); null !== $cause; $cause = $cause->getPrevious()) {
            $code = self::code($cause);
            if ($cause instanceof ConnectionException || \in_array($code, self::AWAY, true)) {
                $this->logger->critical('The database does not answer.', ['exception' => $cause]);
                // What was sent is sent again by whoever sent it.
                $seconds = $event->getRequest()->isMethodSafe() ? self::AWAY_SECONDS : null;
                $page = $this->twig->render('platform/away.html.twig', ['seconds' => $seconds]);
                $event->setResponse(self::answer($page, Response::HTTP_SERVICE_UNAVAILABLE, self::AWAY_SECONDS));

                return;
            }
            if (\in_array($code, self::FULL, true)) {
                $this->logger->critical('The disk of the database is full.', ['exception' => $cause]);
                $page = $this->twig->render('platform/full.html.twig');
                $event->setResponse(self::answer($page, Response::HTTP_INSUFFICIENT_STORAGE, self::FULL_SECONDS));

                return;
            }
        }
    }

    private static function answer(string $page, int $status, int $seconds): Response
    {
        return new Response($page, $status, ['Retry-After' => (string) $seconds]);
    }

    /** MariaDB's own code, or null where it is none of its faults. */
    private static function code(\Throwable $cause): ?int
    {
        $code = match (true) {
            $cause instanceof DriverException => $cause->getCode(),
            // Sessions are read and written past Doctrine; a connection that is not made has its code alone.
            $cause instanceof \PDOException => $cause->errorInfo[1] ?? $cause->getCode(),
            default => null,
        };

        return \is_int($code) ? $code : null;
    }
}
