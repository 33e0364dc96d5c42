<?php

declare(strict_types=1);

namespace App\Account\Leaving;

use App\Account\Person;
use App\Account\Sure\Grave;
use App\Account\Transfer\TransferController;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;
use Symfony\Component\Security\Http\Attribute\IsGranted;

/** The end of a studio: an export of everything first, then a time of grace, then nothing is left. */
final class ClosingController extends AbstractController
{
    public function __construct(private readonly Closing $closing) {}

    #[Route('/settings/account/close', name: 'app_account_close', methods: ['GET'])]
    #[IsGranted('ROLE_OWNER')]
    #[Grave]
    public function ask(Request $request): Response
    {
        return $this->page($request, null);
    }

    #[Route('/settings/account/close', name: 'app_account_close_now', methods: ['POST'])]
    #[IsGranted('ROLE_OWNER')]
    #[IsCsrfTokenValid('account')]
    #[Grave]
    public function close(#[CurrentUser] Person $person, Request $request): Response
    {
        if (!$request->getSession()->has(TransferController::FETCHED)) {
            return $this->page($request, 'Fetch the export first: after the time of grace nothing else is left.');
        }
        if (trim($request->getPayload()->getString('name')) !== $person->studio()->name()) {
            return $this->page($request, 'Type the name of the studio as it stands here, so that this is no slip.');
        }
        $this->closing->close($person);

        return $this->redirectToRoute('app_account_closed', status: Response::HTTP_SEE_OTHER);
    }

    #[Route('/closed', name: 'app_account_closed', methods: ['GET'])]
    public function closed(#[CurrentUser] Person $person): Response
    {
        return null === $person->studio()->erasedOn()
            ? $this->redirectToRoute('app_bench_index')
            : $this->render('account/closed.html.twig');
    }

    #[Route('/closed/keep', name: 'app_account_keep', methods: ['POST'])]
    #[IsGranted('ROLE_OWNER')]
    #[IsCsrfTokenValid('account')]
    public function keep(#[CurrentUser] Person $person): Response
    {
        $this->closing->keep($person);
        $this->addFlash('done', 'The studio is open again, with everything in it.');

        return $this->redirectToRoute('app_bench_index', status: Response::HTTP_SEE_OTHER);
    }

    private function page(Request $request, ?string $fault): Response
    {
        return $this->render(
            'account/close.html.twig',
            ['fault' => $fault, 'isFetched' => $request->getSession()->has(TransferController::FETCHED)],
            null === $fault ? null : new Response(status: Response::HTTP_UNPROCESSABLE_ENTITY),
        );
    }
}
