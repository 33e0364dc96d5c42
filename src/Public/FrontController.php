<?php

declare(strict_types=1);

namespace App\Public;

use App\Account\Person;
use App\Mail\Post;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\Form\FormError;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Symfony\Component\Security\Http\Attribute\IsGranted;

/** What people without an account may see and send, and the words of the prep card. */
#[IsGranted('ROLE_OWNER')]
final class FrontController extends AbstractController
{
    #[Route('/settings/clients', name: 'app_public_front', methods: ['GET', 'POST'])]
    public function edit(
        #[CurrentUser] Person $person,
        Request $request,
        StudioFrontRepository $fronts,
        Post $post,
    ): Response {
        $front = $fronts->of($person->studio());
        $input = FrontInput::of($front);
        $form = $this->createForm(FrontType::class, $input)->handleRequest($request);
        if ($form->isSubmitted() && $form->isValid()) {
            if (!$fronts->isTaken($input->word, $person->studio())) {
                $front->open($input);
                $front->say($input->texts);
                $fronts->keep($front);
                $this->addFlash('draft', 'front');
                $this->addFlash('done', 'Saved.');

                return $this->redirectToRoute('app_public_front', status: Response::HTTP_SEE_OTHER);
            }
            $form->get('word')->addError(new FormError('Another studio has this word. Take a longer one.'));
        }

        return $this->render(
            'public/front.html.twig',
            [
                'form' => $form,
                'address' => $front->calculates()
                    ? $post->link('app_public_calculator', ['word' => (string) $front->word()])
                    : null,
            ],
            $form->isSubmitted() ? new Response(status: Response::HTTP_UNPROCESSABLE_ENTITY) : null,
        );
    }
}
