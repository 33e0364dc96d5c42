<?php

declare(strict_types=1);

namespace App\Account;

use App\Account\Password\NewPassword;
use App\Account\Password\NewPasswordType;
use App\Mail\Post;
use Psr\Clock\ClockInterface;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Bundle\SecurityBundle\Security;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** Where an invited helper chooses a password. */
final class JoinController extends AbstractController
{
    #[
        Route(
            '/join/{secret}',
            name: 'app_account_join',
            requirements: ['secret' => LinkSecret::PATTERN],
            methods: ['GET', 'POST'],
        ),
    ]
    public function join(
        string $secret,
        Request $request,
        InvitationRepository $invitations,
        PersonRepository $people,
        StudioOpening $opening,
        Security $security,
        ClockInterface $clock,
        Post $post,
    ): Response {
        $invitation = $invitations->findOpen($secret, $clock->now());
        if (null === $invitation || $people->isTaken($invitation->email)) {
            return $this->render('account/join_closed.html.twig', response: new Response(status: Response::HTTP_GONE));
        }
        $password = new NewPassword([$invitation->name, $invitation->email, $invitation->studio->name()]);
        $form = $this->createForm(NewPasswordType::class, $password)->handleRequest($request);
        if ($form->isSubmitted() && $form->isValid()) {
            $security->login(
                $opening->join($invitation, $password->password, $post->leavesTheHouse()),
                'form_login',
                'main',
            );

            return $this->redirectToRoute('app_bench_index', status: Response::HTTP_SEE_OTHER);
        }

        return $this->render('account/join.html.twig', ['form' => $form, 'invitation' => $invitation]);
    }
}
