<?php

declare(strict_types=1);

namespace App\Bench\Chores;

use App\Account\Person;
use App\Bench\Hours\StudioHoursRepository;
use App\Bench\Typed;
use Psr\Clock\ClockInterface;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;
use Symfony\Component\Uid\Ulid;

/** Ticks what is done, takes a tick back, and takes in what somebody types. */
#[Route('/bench/tasks', name: 'app_bench_task_', methods: ['POST'], priority: 1)]
#[IsCsrfTokenValid('bench')]
final class ChoreController extends AbstractController
{
    public function __construct(
        private readonly StudioChoreRepository $chores,
        private readonly StudioHoursRepository $hours,
        private readonly ClockInterface $clock,
    ) {}

    #[Route('/done', name: 'done')]
    public function done(#[CurrentUser] Person $person, Request $request): Response
    {
        $key = mb_substr(mb_scrub($request->getPayload()->getString('key')), 0, 120);
        $studio = $person->studio();
        $now = $this->clock->now();
        if ('' !== $key) {
            $chore = $this->chores->findOneByKey($studio, $key) ?? new StudioChore($studio, $key, '', null, $now);
            $chore->finish($person->name(), $now);
            $this->chores->keep($chore);
            $hours = $this->hours->of($studio);
            if ('needle' === $key) {
                $hours->changeNeedle($now);
            } elseif ('service' === $key) {
                $hours->serve();
            }
            if (\in_array($key, ['needle', 'service'], true)) {
                $this->hours->keep($hours);
                // It is asked for again when the next one is due.
                $this->chores->drop($chore);
            }
        }

        return $this->redirectToRoute('app_bench_index', ['_fragment' => 'tasks'], Response::HTTP_SEE_OTHER);
    }

    #[Route('/undone', name: 'undone')]
    public function undone(#[CurrentUser] Person $person, Request $request): Response
    {
        $chore = $this->chores->findOneByKey(
            $person->studio(),
            mb_substr(mb_scrub($request->getPayload()->getString('key')), 0, 120),
        );
        $chore?->takeUpAgain();
        $this->chores->save();

        return $this->redirectToRoute('app_bench_index', ['_fragment' => 'tasks'], Response::HTTP_SEE_OTHER);
    }

    #[Route('/add', name: 'add')]
    public function add(#[CurrentUser] Person $person, Request $request): Response
    {
        $payload = $request->getPayload();
        $text = mb_substr(trim(mb_scrub($payload->getString('text'), 'UTF-8')), 0, 200);
        $typed = trim($payload->getString('by'));
        $by = Typed::moment($typed);
        $isWrong = '' !== $typed && null === $by;
        $key = $payload->getString('key');
        if ('' === $text || $isWrong) {
            $this->addFlash('task', [
                'text' => $text,
                'by' => $typed,
                'fault' =>
                    '' === $text
                        ? 'Write what is to be done.'
                        : 'This is no day and hour. Write it like 2027-03-05T09:00.',
            ]);
        } elseif (Ulid::isValid($key) && null === $this->chores->findOneByKey($person->studio(), "typed $key")) {
            $this->chores->keep(new StudioChore($person->studio(), "typed $key", $text, $by, $this->clock->now()));
            $this->addFlash('draft', 'task');
        }

        return $this->redirectToRoute('app_bench_index', ['_fragment' => 'tasks'], Response::HTTP_SEE_OTHER);
    }
}
