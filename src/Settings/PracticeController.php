<?php

declare(strict_types=1);

namespace App\Settings;

use App\Account\Person;
use App\Account\PersonRepository;
use App\Quilt\Loading\Questions;
use App\Quilt\Rejudging;
use Schwung\Core\Practice\Hand;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;

/** The figures that the studio has measured for itself, used by every plan. */
final class PracticeController extends AbstractController
{
    #[Route('/settings/practice', name: 'app_settings_practice', methods: ['GET', 'POST'])]
    public function edit(
        #[CurrentUser] Person $person,
        Request $request,
        PersonRepository $people,
        Rejudging $rejudging,
    ): Response {
        $settings = PracticeSettings::fromArray($person->studio()->practiceRecord());
        $form = $this->createForm(PracticeType::class, $settings)->handleRequest($request);
        if ($form->isSubmitted() && $form->isValid()) {
            $person->studio()->work($settings);
            $people->save();
            $rejudging->ofStudio($person->studio());
            $this->addFlash('draft', 'practice');
            $this->addFlash('done', 'Every quilt is planned with these figures now; the shelf follows.');

            return $this->redirectToRoute('app_settings_practice', status: Response::HTTP_SEE_OTHER);
        }

        return $this->render(
            'settings/practice.html.twig',
            [
                'form' => $form,
                'hand' => $person->hand()->value,
                'parts' => Words::PARTS,
                'words' => $person->studio()->words(),
            ],
            $form->isSubmitted() ? new Response(status: Response::HTTP_UNPROCESSABLE_ENTITY) : null,
        );
    }

    /** The hand is the person's own, the names are the studio's. */
    #[Route('/settings/ways', name: 'app_settings_ways', methods: ['POST'])]
    #[IsCsrfTokenValid('ways')]
    public function ways(#[CurrentUser] Person $person, Request $request, PersonRepository $people): Response
    {
        $payload = $request->getPayload();
        $person->workWith(Hand::tryFrom($payload->getString('hand')) ?? Hand::Right);
        $entered = $payload->all('words');
        $words = [];
        foreach (Words::PARTS as $part) {
            $own = $entered[$part] ?? '';
            $words[$part] = mb_substr(trim(\is_string($own) ? mb_scrub($own, 'UTF-8') : ''), 0, 40);
        }
        $person->studio()->call(array_filter($words));
        $people->save();
        $this->addFlash('draft', 'ways');
        $this->addFlash('done', 'Every page follows.');

        return $this->redirectToRoute('app_settings_practice', status: Response::HTTP_SEE_OTHER);
    }

    /** The schools of loading that new quilts begin with. */
    #[Route('/settings/loading', name: 'app_settings_loading', methods: ['GET'])]
    public function loading(#[CurrentUser] Person $person): Response
    {
        return $this->render('settings/loading.html.twig', ['ways' => $person->studio()->ways()]);
    }

    #[Route('/settings/loading', methods: ['POST'])]
    #[IsCsrfTokenValid('ways')]
    public function loadBy(#[CurrentUser] Person $person, Request $request, PersonRepository $people): Response
    {
        $person->studio()->loadBy(Questions::chosen($request->getPayload()->all('ways')));
        $people->save();
        $this->addFlash('draft', 'loading');
        $this->addFlash('done', 'New quilts begin with these ways. Those on the shelf keep their own.');

        return $this->redirectToRoute('app_settings_loading', status: Response::HTTP_SEE_OTHER);
    }
}
