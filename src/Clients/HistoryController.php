<?php

declare(strict_types=1);

namespace App\Clients;

use App\Account\Person;
use App\Frames\StudioFrameRepository;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;

/** Every quilt that was on a frame and is off it, with what it taught. */
final class HistoryController extends AbstractController
{
    #[Route('/history', name: 'app_clients_history', methods: ['GET'])]
    public function history(
        #[CurrentUser] Person $person,
        Request $request,
        HistoryRepository $history,
        StudioFrameRepository $frames,
    ): Response {
        $filter = HistoryFilter::from($request);

        return $this->render('clients/history.html.twig', [
            'filter' => $filter,
            'hows' => HistoryFilter::HOWS,
            'frames' => $frames->findOf($person->studio()),
            'loads' => $history->findEnded($person->studio(), $filter),
        ]);
    }
}
