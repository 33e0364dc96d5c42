<?php

declare(strict_types=1);

namespace App\Settings;

use App\Account\Person;
use App\Account\PersonRepository;
use App\Account\Studio;
use App\Frames\StudioFrame;
use App\Frames\StudioFrameRepository;
use App\Quilt\Loading\Questions;
use App\Quilt\Loading\Ways;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;
use Symfony\Component\Uid\Ulid;

/** The schools of loading that new quilts begin with: the studio's, a frame's, a person's. */
final class LoadingController extends AbstractController
{
    public function __construct(
        private readonly PersonRepository $people,
        private readonly StudioFrameRepository $frames,
    ) {}

    #[Route('/settings/loading', name: 'app_settings_loading', methods: ['GET'])]
    public function show(#[CurrentUser] Person $person, Request $request): Response
    {
        $level = $this->level($person, $request);

        return $this->render('settings/loading.html.twig', [
            'level' => $level,
            'frames' => $this->frames->findOf($person->studio()),
            'below' => $level instanceof Studio ? null : Ways::of($person->studio()),
        ]);
    }

    #[Route('/settings/loading', name: 'app_settings_loading_save', methods: ['POST'])]
    #[IsCsrfTokenValid('ways')]
    public function save(#[CurrentUser] Person $person, Request $request): Response
    {
        $level = $this->level($person, $request);
        $level->loadBy(Questions::chosen($request->getPayload()->all('ways')));
        $this->people->save();
        $this->addFlash('draft', 'loading');
        $this->addFlash('done', 'New quilts begin with these ways. Those on the shelf keep their own.');

        return $this->redirectToRoute(
            'app_settings_loading',
            $level instanceof Studio ? [] : ['of' => $request->query->getString('of')],
            Response::HTTP_SEE_OTHER,
        );
    }

    /** Whose ways are asked for: nothing is the studio, "you" the person, else a frame. */
    private function level(Person $person, Request $request): Studio|StudioFrame|Person
    {
        $of = $request->query->getString('of');

        return match (true) {
            '' === $of => $person->studio(),
            'you' === $of => $person,
            Ulid::isValid($of) => $this->frames->findOneOf($person->studio(), Ulid::fromString($of)),
            default => null,
        } ?? throw $this->createNotFoundException();
    }
}
