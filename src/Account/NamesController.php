<?php

declare(strict_types=1);

namespace App\Account;

use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;

/** What a person and her studio are called, which sign-up does not ask for in full. */
final class NamesController extends AbstractController
{
    #[Route('/settings/account/names', name: 'app_account_names', methods: ['GET', 'POST'])]
    public function names(#[CurrentUser] Person $person, Request $request, PersonRepository $people): Response
    {
        $names = Names::of($person);
        $form = $this->createForm(NamesType::class, $names, ['is_owner' => $person->isOwner()])->handleRequest(
            $request,
        );
        if ($form->isSubmitted() && $form->isValid()) {
            $names->give($person);
            $people->save();
            $this->addFlash('done', 'The names are changed.');

            return $this->redirectToRoute('app_account_settings', status: Response::HTTP_SEE_OTHER);
        }

        return $this->render('account/names.html.twig', ['form' => $form]);
    }
}
