<?php

declare(strict_types=1);

namespace App\Account\Password;

use App\Account\Person;
use App\Account\Sure\Grave;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Bundle\SecurityBundle\Security;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;

/** A person's own password, changed while signed in. */
final class PasswordController extends AbstractController
{
    #[Route('/settings/account/password', name: 'app_account_password', methods: ['GET', 'POST'])]
    #[Grave]
    public function change(
        #[CurrentUser] Person $person,
        Request $request,
        Passwords $passwords,
        Security $security,
    ): Response {
        $password = NewPassword::of($person);
        $form = $this->createForm(NewPasswordType::class, $password, ['label_text' => 'New password']);
        $form->handleRequest($request);
        if ($form->isSubmitted() && $form->isValid()) {
            $passwords->change($person, $password->password, $request->getSession()->getId());
            // This device stays signed in, with what it knows of the password renewed.
            $security->login($person, 'form_login', 'main');
            $this->addFlash('done', 'Your password is changed. Every other device is signed out.');

            return $this->redirectToRoute('app_account_settings', status: Response::HTTP_SEE_OTHER);
        }

        return $this->render('account/password.html.twig', ['form' => $form]);
    }
}
