<?php

declare(strict_types=1);

namespace App\Settings;

use App\Account\Person;
use App\Quilt\Rejudging;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;

/** The figures that the studio has measured for itself, used by every plan. */
final class PracticeController extends AbstractController
{
    #[Route('/settings/practice', name: 'app_settings_practice', methods: ['GET', 'POST'])]
    public function edit(#[CurrentUser] Person $person, Request $request, EntityManagerInterface $entities, Rejudging $rejudging): Response
    {
        $settings = PracticeSettings::of($person->studio()->practice());
        $form = $this->createForm(PracticeType::class, $settings)->handleRequest($request);
        if ($form->isSubmitted() && $form->isValid()) {
            $person->studio()->work($settings);
            $entities->flush();
            $rejudging->ofStudio($person->studio());
            $this->addFlash('draft', 'practice');
            $this->addFlash('done', 'Every quilt is planned with these figures now.');

            return $this->redirectToRoute('app_settings_practice', status: Response::HTTP_SEE_OTHER);
        }

        return $this->render('settings/practice.html.twig', ['form' => $form]);
    }
}
