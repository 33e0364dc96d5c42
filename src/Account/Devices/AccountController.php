<?php

declare(strict_types=1);

namespace App\Account\Devices;

use App\Account\Address\AccountLetters;
use App\Account\Person;
use App\Audit\AuditLog;
use App\Audit\Happening;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;
use Symfony\Component\Uid\Ulid;

/** A person's account: how they sign in, and where they are signed in. */
#[Route('/settings/account', name: 'app_account_')]
final class AccountController extends AbstractController
{
    public function __construct(
        private readonly SignedInRepository $devices,
        private readonly AuditLog $log,
        private readonly AccountLetters $letters,
    ) {}

    #[Route('', name: 'settings', methods: ['GET'])]
    public function show(#[CurrentUser] Person $person, Request $request): Response
    {
        return $this->render('settings/account.html.twig', [
            'devices' => $this->devices->findOpenOf($person, $request->getSession()->getId()),
        ]);
    }

    #[Route('/devices/{id}/end', name: 'end_device', methods: ['POST'])]
    #[IsCsrfTokenValid('account')]
    public function end(Ulid $id, #[CurrentUser] Person $person): Response
    {
        $this->devices->end($this->devices->findOneOf($person, $id) ?? throw $this->createNotFoundException());
        $this->log->note($person, Happening::DeviceEnded);
        $this->letters->notice($person, 'A device of yours was signed out from another.');
        $this->addFlash('done', 'That device is signed out.');

        return $this->redirectToRoute('app_account_settings', status: Response::HTTP_SEE_OTHER);
    }

    #[Route('/devices/end-others', name: 'end_others', methods: ['POST'])]
    #[IsCsrfTokenValid('account')]
    public function endOthers(#[CurrentUser] Person $person, Request $request): Response
    {
        $this->devices->endAllOf($person, $request->getSession()->getId());
        $this->log->note($person, Happening::DeviceEnded, 'all but the one at hand');
        $this->letters->notice($person, 'Every device of yours but one was signed out.');
        $this->addFlash('done', 'Every other device is signed out.');

        return $this->redirectToRoute('app_account_settings', status: Response::HTTP_SEE_OTHER);
    }
}
