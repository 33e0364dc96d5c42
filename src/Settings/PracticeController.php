<?php

declare(strict_types=1);

namespace App\Settings;

use App\Account\Person;
use App\Account\PersonRepository;
use App\Quilt\Rejudging;
use Schwung\Core\Practice\CarePair;
use Schwung\Core\Practice\Distance;
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
        $settings->units = $person->units();
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
                'parts' => Words::PARTS,
                'words' => $person->studio()->words(),
                'distances' => Distance::grouped(),
                'holds' => PracticeSettings::holds(),
                'pairs' => $person->studio()->pairs(),
                'usual' => CarePair::ofTheTrade(),
            ],
            $form->isSubmitted() ? new Response(status: Response::HTTP_UNPROCESSABLE_ENTITY) : null,
        );
    }

    #[Route('/settings/words', name: 'app_settings_words', methods: ['POST'])]
    #[IsCsrfTokenValid('ways')]
    public function words(#[CurrentUser] Person $person, Request $request, PersonRepository $people): Response
    {
        $entered = $request->getPayload()->all('words');
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
}
