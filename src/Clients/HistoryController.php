<?php

declare(strict_types=1);

namespace App\Clients;

use App\Account\Person;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;

/** Every quilt that was on a frame and is off it, of one client or of all. */
final class HistoryController extends AbstractController
{
    #[Route('/history', name: 'app_clients_history', methods: ['GET'])]
    public function history(#[CurrentUser] Person $person, Request $request, HistoryRepository $history): Response
    {
        $client = mb_substr(trim($request->query->getString('client')), 0, 120);

        return $this->render('clients/history.html.twig', [
            'client' => $client,
            'runs' => $history->findEnded($person->studio(), $client),
        ]);
    }
}
