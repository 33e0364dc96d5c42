<?php

declare(strict_types=1);

namespace App\Account\Sure;

use App\Account\Person;
use App\Account\SecondStep\SecondStep;
use App\Audit\AuditLog;
use App\Audit\Happening;
use App\Platform\OwnPath;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Component\HttpFoundation\RedirectResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\PasswordHasher\Hasher\UserPasswordHasherInterface;
use Symfony\Component\RateLimiter\RateLimiterFactory;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;

/** Asks for the password once more before something grave. */
#[Route('/settings/account/sure', name: 'app_account_')]
final class SureController extends AbstractController
{
    #[Route('', name: 'sure', methods: ['GET'])]
    public function show(Request $request): Response
    {
        return $this->page($request->query->getString('back'), null);
    }

    #[Route('', name: 'sure_shown', methods: ['POST'])]
    #[IsCsrfTokenValid('sure')]
    public function shown(
        #[CurrentUser] Person $person,
        Request $request,
        Sureness $sureness,
        SecondStep $secondStep,
        UserPasswordHasherInterface $hasher,
        AuditLog $log,
        #[Autowire(service: 'limiter.sure')] RateLimiterFactory $limiter,
    ): Response {
        $fields = $request->getPayload();
        $back = $fields->getString('back');
        if (!$limiter->create((string) $person->id())->consume()->isAccepted()) {
            return $this->page($back, 'Those were many tries. Wait a quarter of an hour.');
        }
        if (
            !$hasher->isPasswordValid($person, $fields->getString('password')) ||
            ($person->hasSecondStep() && !$secondStep->takes($person, $fields->getString('code')))
        ) {
            $log->note($person, Happening::SignInFailed);

            return $this->page(
                $back,
                $person->hasSecondStep()
                    ? 'The password or the code is not right. A code works once: wait for the next.'
                    : 'The password is not right.',
            );
        }
        $sureness->show($request->getSession());

        return new RedirectResponse(
            OwnPath::of($back, $this->generateUrl('app_account_settings')),
            Response::HTTP_SEE_OTHER,
        );
    }

    private function page(string $back, ?string $fault): Response
    {
        return $this->render(
            'account/sure.html.twig',
            ['back' => $back, 'fault' => $fault],
            null === $fault ? null : new Response(status: Response::HTTP_UNPROCESSABLE_ENTITY),
        );
    }
}
