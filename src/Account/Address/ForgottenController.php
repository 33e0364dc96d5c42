<?php

declare(strict_types=1);

namespace App\Account\Address;

use App\Account\Password\NewPassword;
use App\Account\Password\NewPasswordType;
use App\Account\Password\Passwords;
use App\Account\Person;
use App\Mail\Post;
use Psr\Clock\ClockInterface;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Messenger\MessageBusInterface;
use Symfony\Component\RateLimiter\RateLimiterFactory;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;

/** The way back in for somebody who has forgotten the password. The answer never tells whether an address is known. */
final class ForgottenController extends AbstractController
{
    #[Route('/forgotten', name: 'app_account_forgotten', methods: ['GET'])]
    public function ask(Request $request, Post $post): Response
    {
        return $this->page($post, $request->query->getString('email'), null);
    }

    #[Route('/forgotten', name: 'app_account_forgotten_sent', methods: ['POST'])]
    #[IsCsrfTokenValid('forgotten')]
    public function send(
        Request $request,
        MessageBusInterface $bus,
        Post $post,
        #[Autowire(service: 'limiter.forgotten')] RateLimiterFactory $limiter,
        #[Autowire(service: 'limiter.forgotten_account')] RateLimiterFactory $accountLimiter,
    ): Response {
        $typed = mb_substr($request->getPayload()->getString('email'), 0, 180);
        $email = Person::spelling($typed);
        if (!str_contains($email, '@')) {
            return $this->page($post, $typed, 'This is not an e-mail address.');
        }
        if (!$limiter->create(hash('sha256', (string) $request->getClientIp()))->consume()->isAccepted()) {
            return $this->page($post, $typed, 'Too many tries from here. Wait an hour, then ask again.');
        }
        // One letter more would tell nothing new; the answer is the same.
        if ($accountLimiter->create(hash('sha256', $email))->consume()->isAccepted()) {
            $bus->dispatch(new PasswordForgotten($email, (string) $request->getClientIp()));
        }
        $this->addFlash('asked', $email);

        return $this->redirectToRoute('app_account_forgotten', status: Response::HTTP_SEE_OTHER);
    }

    #[
        Route(
            '/new-password/{secret}',
            name: 'app_account_new_password',
            requirements: ['secret' => \App\Account\LinkSecret::PATTERN],
            methods: ['GET', 'POST'],
        ),
    ]
    public function choose(
        string $secret,
        Request $request,
        AccountLinkRepository $links,
        Passwords $passwords,
        ClockInterface $clock,
    ): Response {
        $link = $links->findOpen($secret, LinkPurpose::NewPassword, $clock->now());
        if (null === $link) {
            return $this->render('account/link_closed.html.twig', [], new Response(status: Response::HTTP_GONE));
        }
        $password = NewPassword::of($link->person);
        $form = $this->createForm(NewPasswordType::class, $password, ['label_text' => 'New password']);
        $form->handleRequest($request);
        if ($form->isSubmitted() && $form->isValid()) {
            $link->person->confirmAddress($clock->now());
            $passwords->change($link->person, $password->password, '');
            $this->addFlash('done', 'Your password is changed. Sign in with it.');

            return $this->redirectToRoute('app_account_sign_in', status: Response::HTTP_SEE_OTHER);
        }

        return $this->render('account/new_password.html.twig', ['form' => $form, 'person' => $link->person]);
    }

    private function page(Post $post, string $email, ?string $fault): Response
    {
        return $this->render(
            'account/forgotten.html.twig',
            ['email' => $email, 'fault' => $fault, 'leavesTheHouse' => $post->leavesTheHouse()],
            null === $fault ? null : new Response(status: Response::HTTP_UNPROCESSABLE_ENTITY),
        );
    }
}
