<?php

declare(strict_types=1);

namespace App\Tension;

use App\Account\Person;
use App\Frames\StudioFrameRepository;
use Psr\Clock\ClockInterface;
use Schwung\Core\Tension\Pattern;
use Schwung\Core\Tension\Symptom;
use Schwung\Core\Tension\Task;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;
use Symfony\Component\Uid\Ulid;

/** Makes a task of what keeps coming back, and takes it off the list once it is done. */
#[Route('/tension/task', name: 'app_tension_task_', methods: ['POST'])]
#[IsCsrfTokenValid('task')]
final class TaskController extends AbstractController
{
    public function __construct(private readonly StudioTaskRepository $tasks, private readonly ClockInterface $clock) {}

    /** One task of a kind at a time on a frame, however often the button is pressed. */
    #[Route('/{frame}/{symptom}', name: 'make', requirements: ['symptom' => '[a-z-]+'])]
    public function make(
        Ulid $frame,
        string $symptom,
        #[CurrentUser] Person $person,
        StudioFrameRepository $frames,
        TensionRoom $room,
    ): Response {
        $on = $frames->findOneOf($person->studio(), $frame) ?? throw $this->createNotFoundException();
        $seen = Symptom::tryFrom($symptom) ?? throw $this->createNotFoundException();
        $patterns = array_values(
            array_filter($room->patternsOn($on), static fn(Pattern $pattern): bool => $pattern->symptom === $seen),
        );
        $task = Task::against($seen, $on->kind()->hasLeaders());
        if ([] !== $patterns && null === $this->tasks->findOpenOn($on, $task)) {
            $this->tasks->keep(new StudioTask($on, $task, $patterns[0]->sentence(), $this->clock->now()));
        }

        return $this->redirectToRoute('app_tension_index', [], Response::HTTP_SEE_OTHER);
    }

    #[Route('/{id}/done', name: 'done', priority: 1)]
    public function done(Ulid $id, #[CurrentUser] Person $person, Request $request): Response
    {
        $task = $this->tasks->findOneOf($person->studio(), $id) ?? throw $this->createNotFoundException();
        $task->finish($this->clock->now());
        $this->tasks->save();

        return $this->redirectToRoute(
            'bench' === $request->getPayload()->getString('from') ? 'app_bench_index' : 'app_tension_index',
            [],
            Response::HTTP_SEE_OTHER,
        );
    }
}
