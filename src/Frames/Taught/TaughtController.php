<?php

declare(strict_types=1);

namespace App\Frames\Taught;

use App\Account\Person;
use App\Frames\StudioFrame;
use App\Frames\StudioFrameRepository;
use App\Platform\Kept\KeptUntilChanged;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;
use Symfony\Component\Uid\Ulid;

/** What a frame has taught: looked at, agreed to, left aside, forgotten. */
#[Route('/frames/{frame}/taught', name: 'app_taught_')]
final class TaughtController extends AbstractController
{
    public function __construct(
        private readonly StudioFrameRepository $frames,
        private readonly LessonRepository $lessons,
        private readonly Teaching $teaching,
    ) {}

    #[Route('', name: 'show', methods: ['GET'])]
    #[KeptUntilChanged]
    public function show(Ulid $frame, #[CurrentUser] Person $person, LessonViews $views): Response
    {
        $found = $this->frame($frame, $person);

        return $this->render('frames/taught.html.twig', ['frame' => $found, 'lessons' => $views->of($found)]);
    }

    #[Route('/{lesson}/{answer}', name: 'answer', requirements: ['answer' => 'use|leave|forget'], methods: ['POST'])]
    #[IsCsrfTokenValid('taught')]
    public function answer(Ulid $frame, Ulid $lesson, string $answer, #[CurrentUser] Person $person): Response
    {
        $found =
            $this->lessons->findOneOf($this->frame($frame, $person), $lesson) ?? throw $this->createNotFoundException();
        match ($answer) {
            'use' => $this->teaching->agree($found),
            'leave' => $this->teaching->decline($found),
            default => $this->teaching->forget($found),
        };
        $this->addFlash(
            'done',
            match ($answer) {
                'use' => 'Plans on this frame go by it from now on. What hangs on it stays as it was planned.',
                'leave' => 'Plans go by what is assumed.',
                default => 'Forgotten. It begins anew with the next load.',
            },
        );

        return $this->redirectToRoute('app_taught_show', ['frame' => $frame], Response::HTTP_SEE_OTHER);
    }

    private function frame(Ulid $id, Person $person): StudioFrame
    {
        return $this->frames->findOneOf($person->studio(), $id) ?? throw $this->createNotFoundException();
    }
}
