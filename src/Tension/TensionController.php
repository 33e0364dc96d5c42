<?php

declare(strict_types=1);

namespace App\Tension;

use App\Account\Person;
use App\Measure\CurrentUnits;
use Schwung\Core\Tension\Layer;
use Schwung\Core\Tension\Symptom;
use Schwung\Core\Tension\Zone;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;

/** All problems of a studio, frame by frame, and what keeps coming back. */
final class TensionController extends AbstractController
{
    #[Route('/tension', name: 'app_tension_index', methods: ['GET'])]
    public function index(#[CurrentUser] Person $person, Request $request, TensionRoom $room, RoomMemory $memory, CurrentUnits $units): Response
    {
        $word = static fn (string $name): string => mb_substr($request->query->getString($name), 0, 40);
        $filter = new ProblemFilter($word('symptom'), $word('zone'), $word('layer'), $word('season'));
        $shown = max(FrameProblems::SHOWN, min(5000, (int) $request->query->getString('shown')));
        $studio = $person->studio();
        $words = json_encode([$filter, $shown, $units->system()], \JSON_THROW_ON_ERROR | \JSON_INVALID_UTF8_SUBSTITUTE);

        return $this->render('tension/index.html.twig', [
            'room' => $memory->page($studio, $words, fn (): string => $this->renderView('tension/_room.html.twig', ['room' => $room->open($studio, $filter, $units->system()), 'filter' => $filter, 'shown' => $shown])),
            'filter' => $filter,
            'choices' => ['symptom' => Symptom::cases(), 'zone' => Zone::cases(), 'layer' => Layer::cases(), 'season' => ProblemFilter::SEASONS],
        ]);
    }
}
