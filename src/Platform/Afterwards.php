<?php

declare(strict_types=1);

namespace App\Platform;

use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\RequestStack;
use Symfony\Component\HttpKernel\Event\ResponseEvent;
use Symfony\Component\HttpKernel\Event\TerminateEvent;
use Symfony\Contracts\Service\ResetInterface;

/**
 * Does what nobody waits for once the answer is sent. Only what is made up for elsewhere, should the server end before
 * that, belongs here.
 */
final class Afterwards implements ResetInterface
{
    /** @var list<\Closure(): mixed> */
    private array $works = [];

    public function __construct(private readonly RequestStack $requests) {}

    /**
     * At once where nobody has asked for anything, as in a worker.
     *
     * @param \Closure(): mixed $work
     */
    public function do(\Closure $work): void
    {
        if (null === $this->requests->getMainRequest()) {
            $work();

            return;
        }
        // Otherwise PHP ends with the answer that nobody is there to read any more.
        ignore_user_abort(true);
        $this->works[] = $work;
    }

    /** Whoever knows how long an answer is does not wait for the line to be closed. */
    #[AsEventListener(priority: 1)]
    public function measure(ResponseEvent $event): void
    {
        $response = $event->getResponse();
        $content = $response->getContent();
        if ($event->isMainRequest() && false !== $content) {
            $response->headers->set('Content-Length', (string) \strlen($content));
        }
    }

    #[AsEventListener]
    public function run(TerminateEvent $event): void
    {
        while ([] !== $this->works) {
            array_shift($this->works)();
        }
    }

    public function reset(): void
    {
        $this->works = [];
    }
}
