<?php

declare(strict_types=1);

namespace App\Platform;

use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\Form\Util\ServerParams;
use Symfony\Component\HttpFoundation\RequestStack;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Event\RequestEvent;
use Twig\Environment;

/** Of what is over the server's limit PHP hands on nothing at all: that is said before its missing token is blamed. */
#[AsEventListener(priority: 65)]
final readonly class TooLarge
{
    public function __construct(private Environment $twig, private RequestStack $requests) {}

    public function __invoke(RequestEvent $event): void
    {
        $limits = new ServerParams($this->requests);
        if ($event->isMainRequest() && $limits->hasPostMaxSizeBeenExceeded()) {
            $event->setResponse(
                new Response(
                    $this->twig->render('platform/too_large.html.twig', ['most' => $limits->getPostMaxSize()]),
                    Response::HTTP_REQUEST_ENTITY_TOO_LARGE,
                ),
            );
        }
    }
}
