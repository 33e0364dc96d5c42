<?php

declare(strict_types=1);

namespace App\Platform;

use Doctrine\DBAL\Exception\DriverException;
use Psr\Log\LoggerInterface;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Event\ExceptionEvent;
use Twig\Environment;

/** When the database finds no more room on its disk, a page says so: nothing was written, nothing of before is lost. */
#[AsEventListener(priority: 10)]
final readonly class DiskFull
{
    /** MariaDB's "disk full", "error writing file" and "the table is full". */
    private const CODES = [1021, 1026, 1114];
    private const SECONDS = 60;

    public function __construct(private Environment $twig, private LoggerInterface $logger) {}

    public function __invoke(ExceptionEvent $event): void
    {
        for ($cause = $event->getThrowable(); null !== $cause; $cause = $cause->getPrevious()) {
            if (\in_array(self::code($cause), self::CODES, true)) {
                $this->logger->critical('The disk of the database is full.', ['exception' => $cause]);
                $event->setResponse(
                    new Response($this->twig->render('platform/full.html.twig'), Response::HTTP_INSUFFICIENT_STORAGE, [
                        'Retry-After' => (string) self::SECONDS,
                    ]),
                );

                return;
            }
        }
    }

    private static function code(\Throwable $cause): int
    {
        return match (true) {
            $cause instanceof DriverException => $cause->getCode(),
            // Sessions are written past Doctrine.
            $cause instanceof \PDOException => \is_int($cause->errorInfo[1] ?? null) ? $cause->errorInfo[1] : 0,
            default => 0,
        };
    }
}
