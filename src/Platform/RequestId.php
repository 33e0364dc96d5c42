<?php

declare(strict_types=1);

namespace App\Platform;

use Monolog\Attribute\AsMonologProcessor;
use Monolog\LogRecord;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\RequestStack;
use Symfony\Component\HttpKernel\Event\RequestEvent;
use Symfony\Component\HttpKernel\Event\ResponseEvent;
use Twig\Attribute\AsTwigFunction;

/** One number for each request: in every line that it logs, in its answer, and on the page that says that it failed. */
#[AsMonologProcessor]
final readonly class RequestId
{
    public const ATTRIBUTE = '_request_id';

    public function __construct(private RequestStack $requests) {}

    #[AsEventListener(priority: 4096)]
    public function give(RequestEvent $event): void
    {
        if ($event->isMainRequest()) {
            $event->getRequest()->attributes->set(self::ATTRIBUTE, bin2hex(random_bytes(6)));
        }
    }

    #[AsEventListener]
    public function answer(ResponseEvent $event): void
    {
        if ($event->isMainRequest()) {
            $event
                ->getResponse()
                ->headers->set('X-Request-Id', $event->getRequest()->attributes->getString(self::ATTRIBUTE));
        }
    }

    /** For the page that says that something failed. */
    #[AsTwigFunction('request_number')]
    public function number(): string
    {
        return $this->requests->getMainRequest()?->attributes->getString(self::ATTRIBUTE) ?? '';
    }

    public function __invoke(LogRecord $record): LogRecord
    {
        $request = $this->requests->getMainRequest();
        if (null !== $request) {
            $record->extra['request'] = $request->attributes->getString(self::ATTRIBUTE);
            $record->extra['from'] = $request->getClientIp();
        }

        return $record;
    }
}
