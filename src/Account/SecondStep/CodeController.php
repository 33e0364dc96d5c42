<?php

declare(strict_types=1);

namespace App\Account\SecondStep;

use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Core\Exception\BadCredentialsException;
use Symfony\Component\Security\Http\Authentication\AuthenticationUtils;

/** The second step at the door. */
final class CodeController extends AbstractController
{
    #[Route('/sign-in/code', name: 'app_account_code', methods: ['GET', 'POST'])]
    public function code(Request $request, HalfWay $halfWay, AuthenticationUtils $authentication): Response
    {
        if (null !== $this->getUser() || null === $halfWay->person($request->getSession())) {
            return $this->redirectToRoute('app_account_sign_in', status: Response::HTTP_SEE_OTHER);
        }
        $error = $authentication->getLastAuthenticationError();

        return $this->render('account/code.html.twig', [
            'error' => match (true) {
                null === $error => null,
                $error instanceof BadCredentialsException
                    => 'This is not the code for this minute. Wait for the next, or take a recovery code.',
                default => $error,
            },
        ]);
    }

    #[Route('/sign-in/other', name: 'app_account_other', methods: ['GET'])]
    public function other(Request $request, HalfWay $halfWay): Response
    {
        $halfWay->end($request->getSession());

        return $this->redirectToRoute('app_account_sign_in', status: Response::HTTP_SEE_OTHER);
    }
}
