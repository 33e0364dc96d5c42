<?php

declare(strict_types=1);

namespace App\Account\Address;

use App\Account\Devices\SignedInRepository;
use App\Account\LinkSecret;
use App\Account\Person;
use App\Account\PersonRepository;
use App\Account\Sure\Grave;
use App\Audit\AuditLog;
use App\Audit\Happening;
use Psr\Clock\ClockInterface;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Component\Form\FormError;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\RateLimiter\RateLimiterFactory;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;

/** The address that somebody signs in with: confirmed by a letter, and changed by one. */
final class AddressController extends AbstractController
{
    public function __construct(
        private readonly AccountLinkRepository $links,
        private readonly AccountLetters $letters,
        private readonly PersonRepository $people,
        private readonly AuditLog $log,
        private readonly ClockInterface $clock,
        #[Autowire(service: 'limiter.letter')] private readonly RateLimiterFactory $limiter,
    ) {}

    #[Route('/settings/account/confirm', name: 'app_account_ask_to_confirm', methods: ['POST'])]
    #[IsCsrfTokenValid('account')]
    public function askToConfirm(#[CurrentUser] Person $person): Response
    {
        if ($this->limiter->create((string) $person->id())->consume()->isAccepted()) {
            $this->letters->askToConfirm($person);
            $this->addFlash('done', 'A letter with a link is on its way to ' . $person->email() . '.');
        } else {
            $this->addFlash('done', 'Those were many letters. Wait an hour before the next.');
        }

        return $this->redirectToRoute('app_account_settings', status: Response::HTTP_SEE_OTHER);
    }

    #[Route('/settings/account/address', name: 'app_account_address', methods: ['GET', 'POST'])]
    #[Grave]
    public function change(#[CurrentUser] Person $person, Request $request): Response
    {
        $address = new NewAddress();
        $form = $this->createForm(NewAddressType::class, $address)->handleRequest($request);
        if ($form->isSubmitted() && $form->isValid()) {
            if (!$this->limiter->create((string) $person->id())->consume()->isAccepted()) {
                $form->addError(new FormError('Those were many letters. Wait an hour before the next.'));

                return $this->render('account/address.html.twig', ['form' => $form]);
            }
            // Whether somebody has it already is told to nobody but the one who reads its letters.
            $this->letters->askToChange($person, Person::canonical($address->email));
            $this->addFlash(
                'done',
                'A letter with a link is on its way to ' .
                    $address->email .
                    '. Until it is opened the old address counts.',
            );
            $this->addFlash('draft', 'address');

            return $this->redirectToRoute('app_account_settings', status: Response::HTTP_SEE_OTHER);
        }

        return $this->render('account/address.html.twig', ['form' => $form]);
    }

    #[
        Route(
            '/confirm-address/{secret}',
            name: 'app_account_confirm_address',
            requirements: ['secret' => LinkSecret::PATTERN],
            methods: ['GET', 'POST'],
        ),
    ]
    public function confirm(string $secret, Request $request): Response
    {
        $link = $this->links->findOpen($secret, LinkPurpose::ConfirmAddress, $this->clock->now());
        if (null === $link || $link->email !== $link->person->email()) {
            return $this->closed();
        }
        if (!$request->isMethod('POST')) {
            return $this->render('account/confirm_address.html.twig', ['link' => $link]);
        }
        $link->person->confirmAddress($this->clock->now());
        $this->links->drop($link);
        $this->log->note($link->person, Happening::AddressConfirmed, $link->email);
        $this->addFlash('done', $link->email . ' is confirmed.');

        return $this->redirectToRoute('app_account_sign_in', status: Response::HTTP_SEE_OTHER);
    }

    #[
        Route(
            '/change-address/{secret}',
            name: 'app_account_change_address',
            requirements: ['secret' => LinkSecret::PATTERN],
            methods: ['GET', 'POST'],
        ),
    ]
    public function changeTo(string $secret, Request $request, SignedInRepository $devices): Response
    {
        $link = $this->links->findOpen($secret, LinkPurpose::ChangeAddress, $this->clock->now());
        if (null === $link || $this->people->isTaken($link->email)) {
            return $this->closed();
        }
        if (!$request->isMethod('POST')) {
            return $this->render('account/confirm_address.html.twig', ['link' => $link]);
        }
        $person = $link->person;
        $former = $person->email();
        $devices->endAllOf($person);
        $person->changeAddress($link->email, $this->clock->now());
        $this->links->dropAllOf($person);
        $this->links->save();
        $this->log->note($person, Happening::AddressChanged, "$former, now {$person->email()}");
        foreach ([$former, $person->email()] as $recipient) {
            $this->letters->notice(
                $person,
                "You sign in with {$person->email()} from now on, not with $former.",
                $recipient,
            );
        }
        $this->addFlash('done', 'From now on you sign in with ' . $person->email() . '.');

        return $this->redirectToRoute('app_account_sign_in', status: Response::HTTP_SEE_OTHER);
    }

    private function closed(): Response
    {
        return $this->render('account/link_closed.html.twig', [], new Response(status: Response::HTTP_GONE));
    }
}
