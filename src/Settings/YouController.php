<?php

declare(strict_types=1);

namespace App\Settings;

use App\Account\Person;
use App\Account\PersonRepository;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;

/** What plans and steps depend on of the person who does the work. */
final class YouController extends AbstractController
{
    #[Route('/settings/you', name: 'app_settings_you', methods: ['GET', 'POST'])]
    public function edit(#[CurrentUser] Person $person, Request $request, PersonRepository $people): Response
    {
        $input = BodyInput::of($person);
        $form = $this->createForm(BodyType::class, $input)->handleRequest($request);
        if ($form->isSubmitted() && $form->isValid()) {
            $person->workWith($input->body(), $input->distances());
            $people->save();
            $this->addFlash('draft', 'you');
            $this->addFlash('done', 'The steps are told for you from here on.');

            return $this->redirectToRoute('app_settings_you', status: Response::HTTP_SEE_OTHER);
        }

        return $this->render(
            'settings/you.html.twig',
            ['form' => $form],
            $form->isSubmitted() ? new Response(status: Response::HTTP_UNPROCESSABLE_ENTITY) : null,
        );
    }
}
