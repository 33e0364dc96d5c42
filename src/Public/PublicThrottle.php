<?php

declare(strict_types=1);

namespace App\Public;

use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\Exception\TooManyRequestsHttpException;
use Symfony\Component\RateLimiter\RateLimiterFactory;

/** Counts what comes from one address, so that nobody guesses words and links or floods a studio. */
final readonly class PublicThrottle
{
    public function __construct(
        #[Autowire(service: 'limiter.public_look')] private RateLimiterFactory $looks,
        #[Autowire(service: 'limiter.public_send')] private RateLimiterFactory $sendings,
    ) {}

    /** @throws TooManyRequestsHttpException */
    public function look(Request $request): void
    {
        $this->consume($this->looks, $request, 'Too many pages at once. Wait a minute.');
    }

    /** @throws TooManyRequestsHttpException */
    public function send(Request $request): void
    {
        $this->consume($this->sendings, $request, 'Too much was sent at once. Wait a few minutes and send the rest.');
    }

    private function consume(RateLimiterFactory $limiter, Request $request, string $message): void
    {
        if (!$limiter->create(hash('sha256', (string) $request->getClientIp()))->consume()->isAccepted()) {
            throw new TooManyRequestsHttpException(60, $message);
        }
    }
}
