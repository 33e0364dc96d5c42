<?php

declare(strict_types=1);

namespace App\Account;

use Doctrine\DBAL\Exception\UniqueConstraintViolationException;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Bundle\SecurityBundle\Security;
use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Component\Form\FormError;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\RateLimiter\RateLimiterFactory;
use Symfony\Component\Routing\Attribute\Route;

final class SignUpController extends AbstractController
{
    #[Route('/sign-up', name: 'app_account_sign_up', methods: ['GET', 'POST'])]
    public function signUp(
        Request $request,
        StudioOpening $opening,
        PersonRepository $people,
        Security $security,
        #[Autowire(service: 'limiter.sign_up')] RateLimiterFactory $limiter,
    ): Response {
        $signUp = new SignUp();
        $form = $this->createForm(SignUpType::class, $signUp)->handleRequest($request);
        if (
            $form->isSubmitted() &&
            !$limiter->create(hash('sha256', (string) $request->getClientIp()))->consume()->isAccepted()
        ) {
            $form->addError(new FormError('Too many tries from here. Wait an hour, then sign up.'));
        }
        if ($form->isSubmitted() && $form->isValid()) {
            try {
                $people->isTaken($signUp->email)
                    ? $form
                        ->get('email')
                        ->addError(
                            new FormError('Somebody signs in with this address already. Sign in, or use another.'),
                        )
                    : ($owner = $opening->open($signUp));
            } catch (UniqueConstraintViolationException) {
                $form
                    ->get('email')
                    ->addError(
                        new FormError('Somebody has just signed up with this address. Sign in, or use another.'),
                    );
            }
            if (isset($owner)) {
                $security->login($owner, 'form_login', 'main');
                $this->addFlash('draft', 'sign-up');

                return $this->redirectToRoute('app_bench_index', status: Response::HTTP_SEE_OTHER);
            }
        }

        return $this->render('account/sign_up.html.twig', ['form' => $form]);
    }
}
