<?php

declare(strict_types=1);

namespace App\Tension;

use App\Account\Person;
use App\Frames\StudioFrame;
use App\Frames\StudioFrameRepository;
use App\Measure\CurrentUnits;
use Schwung\Core\Tension\CauseEntry;
use Schwung\Core\Tension\Knowledge;
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
    public function index(
        #[CurrentUser] Person $person,
        Request $request,
        TensionRoom $room,
        RoomMemory $memory,
        StudioTaskRepository $tasks,
        StudioFrameRepository $frames,
        CurrentUnits $units,
    ): Response {
        $studio = $person->studio();
        $choices = $this->choices($frames->findOf($studio));
        // Words that are none of the choices are all the same: nothing is of that kind, and one page is remembered
        // for them.
        $word = static function (string $name) use ($request, $choices): string {
            $asked = $request->query->getString($name);

            return '' === $asked || isset($choices[$name][$asked]) ? $asked : ProblemFilter::NONE;
        };
        $filter = new ProblemFilter(
            $word('symptom'),
            $word('zone'),
            $word('layer'),
            $word('season'),
            $word('frame'),
            $word('cause'),
        );
        $shown = FrameProblems::shown((int) $request->query->getString('shown'));
        $words = json_encode([$filter, $shown, $units->system()], \JSON_THROW_ON_ERROR | \JSON_INVALID_UTF8_SUBSTITUTE);

        return $this->render('tension/index.html.twig', [
            'room' => $memory->page(
                $studio,
                $words,
                fn(): string => $this->renderView('tension/_room.html.twig', [
                    'room' => $room->open($studio, $filter, $units->system()),
                    'filter' => $filter,
                    'shown' => $shown,
                    'choices' => $choices,
                ]),
            ),
            'tasks' => $tasks->findOpen($studio),
        ]);
    }

    /**
     * @param list<StudioFrame> $frames
     *
     * @return array<string, array<string, string>> what can be chosen, in words, by name and value
     */
    private function choices(array $frames): array
    {
        return [
            'frame' => array_combine(
                array_map(static fn(StudioFrame $frame): string => (string) $frame->id(), $frames),
                array_map(static fn(StudioFrame $frame): string => $frame->name(), $frames),
            ),
            'symptom' => array_combine(
                array_column(Symptom::cases(), 'value'),
                array_map(static fn(Symptom $symptom): string => $symptom->words(), Symptom::cases()),
            ),
            'zone' => array_combine(array_column(Zone::cases(), 'value'), array_column(Zone::cases(), 'value')),
            'layer' => array_combine(array_column(Layer::cases(), 'value'), array_column(Layer::cases(), 'value')),
            'cause' => array_map(
                static fn(CauseEntry $entry): string => $entry->words,
                Knowledge::ofTheTrade()->entries,
            ),
            'season' => array_combine(ProblemFilter::SEASONS, ProblemFilter::SEASONS),
        ];
    }
}
