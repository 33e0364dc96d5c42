<?php

declare(strict_types=1);

namespace App\Account\Leaving;

use App\Account\Person;
use Symfony\Bundle\SecurityBundle\Security;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\RedirectResponse;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Event\ControllerEvent;
use Symfony\Component\HttpKernel\Exception\AccessDeniedHttpException;
use Symfony\Component\Routing\Generator\UrlGeneratorInterface;

/** In a studio that is closed nothing is done any more but to fetch what is in it, to keep it, and to go. */
#[AsEventListener]
final readonly class ClosedStudio
{
    private const OPEN = [
        'app_account_closed',
        'app_account_keep',
        'app_account_export',
        'app_account_export_start',
        'app_account_transfer',
        'app_account_sure',
        'app_account_sure_shown',
        'app_account_sign_out',
        'app_platform_build',
    ];

    public function __construct(private Security $security, private UrlGeneratorInterface $urls) {}

    public function __invoke(ControllerEvent $event): void
    {
        $route = $event->getRequest()->attributes->get('_route');
        if (!$event->isMainRequest() || null === $route || \in_array($route, self::OPEN, true)) {
            return;
        }
        $person = $this->security->getUser();
        if (!($person instanceof Person) || null === $person->studio()->erasedOn()) {
            return;
        }
        if (!$event->getRequest()->isMethodSafe()) {
            throw new AccessDeniedHttpException('This studio is closed; nothing is written in it any more.');
        }
        $event->setController(
            fn(): RedirectResponse => new RedirectResponse(
                $this->urls->generate('app_account_closed'),
                Response::HTTP_SEE_OTHER,
            ),
        );
    }
}
