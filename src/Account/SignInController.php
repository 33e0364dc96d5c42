<?php

declare(strict_types=1);

namespace App\Account;

use App\Account\SecondStep\SecondStepNeeded;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Authentication\AuthenticationUtils;

final class SignInController extends AbstractController
{
    #[Route('/sign-in', name: 'app_account_sign_in', methods: ['GET', 'POST'])]
    public function signIn(AuthenticationUtils $authentication): Response
    {
        if ($authentication->getLastAuthenticationError(clearSession: false) instanceof SecondStepNeeded) {
            $authentication->getLastAuthenticationError();

            return $this->redirectToRoute('app_account_code', status: Response::HTTP_SEE_OTHER);
        }
        if (null !== $this->getUser()) {
            return $this->redirectToRoute('app_bench_index', status: Response::HTTP_SEE_OTHER);
        }

        return $this->render('account/sign_in.html.twig', [
            'email' => $authentication->getLastUsername(),
            'error' => $authentication->getLastAuthenticationError(),
        ]);
    }

    #[Route('/sign-out', name: 'app_account_sign_out', methods: ['POST'])]
    public function signOut(): never
    {
        throw new \LogicException('The firewall answers this request.');
    }
}
