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
    public function index(#[CurrentUser] Person $person, Request $request, TensionRoom $room, CurrentUnits $units): Response
    {
        $word = static fn (string $name): string => mb_substr($request->query->getString($name), 0, 40);
        $filter = new ProblemFilter($word('symptom'), $word('zone'), $word('layer'), $word('season'));

        return $this->render('tension/index.html.twig', [
            'frames' => $room->frames($person->studio(), $filter, $units->system()),
            'runs' => $room->runs($person->studio()),
            'remedies' => $room->remedies($person->studio()),
            'filter' => $filter,
            'choices' => ['symptom' => Symptom::cases(), 'zone' => Zone::cases(), 'layer' => Layer::cases(), 'season' => ProblemFilter::SEASONS],
        ]);
    }
}
