<?php

declare(strict_types=1);

namespace App\Account\Leaving;

use App\Account\InvitationRepository;
use App\Account\Person;
use App\Account\PersonRepository;
use App\Account\Sure\Grave;
use App\Audit\AuditLog;
use App\Audit\Happening;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Bundle\SecurityBundle\Security;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;
use Symfony\Component\Security\Http\Attribute\IsGranted;
use Symfony\Component\Uid\Ulid;

/** Who goes and who takes over. */
final class LeavingController extends AbstractController
{
    public function __construct(private readonly PersonRepository $people, private readonly Helpers $helpers) {}

    #[Route('/people/{id}/remove', name: 'app_account_remove', methods: ['GET', 'POST'])]
    #[IsGranted('ROLE_OWNER')]
    #[IsCsrfTokenValid('account', methods: ['POST'])]
    #[Grave]
    public function remove(Ulid $id, #[CurrentUser] Person $owner, Request $request): Response
    {
        $helper = $this->helper($id, $owner);
        if (!$request->isMethod('POST')) {
            return $this->render('account/remove.html.twig', ['helper' => $helper]);
        }
        $this->helpers->remove($owner, $helper);
        $this->addFlash('done', $helper->name() . ' is removed and signed out everywhere.');

        return $this->redirectToRoute('app_settings_people', status: Response::HTTP_SEE_OTHER);
    }

    #[Route('/people/{id}/hand-over', name: 'app_account_hand_over', methods: ['GET', 'POST'])]
    #[IsGranted('ROLE_OWNER')]
    #[IsCsrfTokenValid('account', methods: ['POST'])]
    #[Grave]
    public function handOver(Ulid $id, #[CurrentUser] Person $owner, Request $request, Security $security): Response
    {
        $helper = $this->helper($id, $owner);
        if (!$request->isMethod('POST')) {
            return $this->render('account/hand_over.html.twig', ['helper' => $helper]);
        }
        $this->helpers->handOver($owner, $helper);
        // Other rights end a session; this one goes on with those of now.
        $security->login($owner, 'form_login', 'main');
        $this->addFlash('done', $helper->name() . ' owns the studio now; you help.');

        return $this->redirectToRoute('app_settings_people', status: Response::HTTP_SEE_OTHER);
    }

    #[Route('/people/invitations/{id}/remove', name: 'app_account_uninvite', methods: ['POST'])]
    #[IsGranted('ROLE_OWNER')]
    #[IsCsrfTokenValid('account')]
    public function uninvite(
        Ulid $id,
        #[CurrentUser] Person $owner,
        InvitationRepository $invitations,
        AuditLog $log,
    ): Response {
        $invitation = $invitations->findOneOf($owner->studio(), $id) ?? throw $this->createNotFoundException();
        $invitations->drop($invitation);
        $log->note($owner, Happening::InvitationRemoved, "{$invitation->name}, {$invitation->email}");
        $this->addFlash('done', 'The link for ' . $invitation->name . ' opens nothing any more.');

        return $this->redirectToRoute('app_settings_people', status: Response::HTTP_SEE_OTHER);
    }

    #[Route('/settings/account/leave', name: 'app_account_leave', methods: ['GET', 'POST'])]
    #[IsCsrfTokenValid('account', methods: ['POST'])]
    #[Grave]
    public function leave(#[CurrentUser] Person $person, Request $request, Security $security): Response
    {
        if ($person->isOwner()) {
            return $this->redirectToRoute('app_account_settings', status: Response::HTTP_SEE_OTHER);
        }
        if (!$request->isMethod('POST')) {
            return $this->render('account/leave.html.twig');
        }
        $security->logout(false);
        $this->helpers->leave($person);

        return $this->redirectToRoute('app_account_sign_in', status: Response::HTTP_SEE_OTHER);
    }

    private function helper(Ulid $id, Person $owner): Person
    {
        $helper = $this->people->findOneOf($owner->studio(), $id);
        if (null === $helper || $helper->isOwner()) {
            throw $this->createNotFoundException();
        }

        return $helper;
    }
}
