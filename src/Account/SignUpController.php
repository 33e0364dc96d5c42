<?php

declare(strict_types=1);

namespace App\Account;

use App\Account\Address\SignUpLetters;
use App\Account\Address\SignUpWaitingRepository;
use App\Mail\Post;
use Doctrine\DBAL\Exception\UniqueConstraintViolationException;
use Psr\Clock\ClockInterface;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Bundle\SecurityBundle\Security;
use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Component\Form\FormError;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\RateLimiter\RateLimiterFactory;
use Symfony\Component\Routing\Attribute\Route;

/**
 * Opens a studio. Where a mail server takes the letters it is opened by the link in one, and the answer here is the
 * same whether the address is known or not; where none does, one's own machine serves one's own people and opens it
 * at once.
 */
final class SignUpController extends AbstractController
{
    #[Route('/sign-up', name: 'app_account_sign_up', methods: ['GET', 'POST'])]
    public function signUp(
        Request $request,
        StudioOpening $opening,
        Security $security,
        Post $post,
        SignUpLetters $letters,
        PersonRepository $people,
        #[Autowire(service: 'limiter.sign_up')] RateLimiterFactory $limiter,
    ): Response {
        $signUp = new SignUp(units: UsualUnits::of($request));
        $form = $this->createForm(SignUpType::class, $signUp)->handleRequest($request);
        if (
            $form->isSubmitted() &&
            !$limiter->create(hash('sha256', (string) $request->getClientIp()))->consume()->isAccepted()
        ) {
            $form->addError(new FormError('Too many tries from here. Wait an hour, then sign up.'));
        }
        if ($form->isSubmitted() && $form->isValid() && $post->leavesTheHouse()) {
            $letters->send($signUp);
            $this->addFlash('draft', 'sign-up');

            return $this->render('account/sign_up_sent.html.twig', ['email' => $signUp->email]);
        }
        if ($form->isSubmitted() && $form->isValid()) {
            $owner = $people->isTaken($signUp->email) ? null : $this->open($opening, $signUp);
            if (null !== $owner) {
                $security->login($owner, 'form_login', 'main');
                $this->addFlash('draft', 'sign-up');

                return $this->redirectToRoute('app_frames_first', status: Response::HTTP_SEE_OTHER);
            }
            $form
                ->get('email')
                ->addError(new FormError('Somebody signs in with this address already. Sign in, or use another.'));
        }

        return $this->render('account/sign_up.html.twig', ['form' => $form]);
    }

    #[
        Route(
            '/open/{secret}',
            name: 'app_account_open',
            requirements: ['secret' => LinkSecret::PATTERN],
            methods: ['GET', 'POST'],
        ),
    ]
    public function openWaiting(
        string $secret,
        Request $request,
        SignUpWaitingRepository $waiting,
        PersonRepository $people,
        StudioOpening $opening,
        Security $security,
        ClockInterface $clock,
    ): Response {
        $found = $waiting->findOpen($secret, $clock->now());
        if (null === $found || $people->isTaken($found->email())) {
            return $this->render('account/link_closed.html.twig', [], new Response(status: Response::HTTP_GONE));
        }
        if (!$request->isMethod('POST')) {
            return $this->render('account/open.html.twig', ['studio' => $found->signUp()->studio]);
        }
        $security->login($opening->openWaiting($found), 'form_login', 'main');

        return $this->redirectToRoute('app_frames_first', status: Response::HTTP_SEE_OTHER);
    }

    /** Null where somebody else has just taken the address. */
    private function open(StudioOpening $opening, SignUp $signUp): ?Person
    {
        try {
            return $opening->open($signUp);
        } catch (UniqueConstraintViolationException) {
            return null;
        }
    }
}
