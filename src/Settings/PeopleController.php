<?php

declare(strict_types=1);

namespace App\Settings;

use App\Account\Invitation;
use App\Account\InvitationRepository;
use App\Account\Person;
use App\Account\PersonRepository;
use Psr\Clock\ClockInterface;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Component\Form\FormError;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\RateLimiter\RateLimiterFactory;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Routing\Generator\UrlGeneratorInterface;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Symfony\Component\Security\Http\Attribute\IsGranted;

/** Who works in the studio; its owner adds helpers by a link to hand over. */
final class PeopleController extends AbstractController
{
    #[Route('/people', name: 'app_settings_people', methods: ['GET'])]
    public function people(
        #[CurrentUser] Person $person,
        PersonRepository $people,
        InvitationRepository $invitations,
    ): Response {
        return $this->page($person, $people, $invitations, $this->createForm(HelperType::class, new Helper()));
    }

    #[Route('/people', name: 'app_settings_invite', methods: ['POST'])]
    #[IsGranted('ROLE_OWNER')]
    public function invite(
        #[CurrentUser] Person $person,
        Request $request,
        PersonRepository $people,
        InvitationRepository $invitations,
        ClockInterface $clock,
        #[Autowire(service: 'limiter.invite')] RateLimiterFactory $limiter,
    ): Response {
        $helper = new Helper();
        $form = $this->createForm(HelperType::class, $helper)->handleRequest($request);
        if ($form->isSubmitted() && $form->isValid() && $people->isTaken($helper->email)) {
            $form->get('email')->addError(new FormError('Somebody signs in with this address already.'));
        }
        if ($form->isSubmitted() && !$limiter->create((string) $person->id())->consume()->isAccepted()) {
            $form->addError(new FormError('That were many links. Wait an hour before the next.'));
        }
        if (!$form->isSubmitted() || !$form->isValid()) {
            return $this->page($person, $people, $invitations, $form);
        }
        $secret = rtrim(strtr(base64_encode(random_bytes(32)), '+/', '-_'), '=');
        $invitations->keep(
            new Invitation($person->studio(), $helper->name, Person::canonical($helper->email), $secret, $clock->now()),
        );
        $this->addFlash(
            'link',
            $this->generateUrl('app_account_join', ['secret' => $secret], UrlGeneratorInterface::ABSOLUTE_URL),
        );

        return $this->redirectToRoute('app_settings_people', status: Response::HTTP_SEE_OTHER);
    }

    /** @param \Symfony\Component\Form\FormInterface<Helper> $form */
    private function page(
        Person $person,
        PersonRepository $people,
        InvitationRepository $invitations,
        \Symfony\Component\Form\FormInterface $form,
    ): Response {
        return $this->render('settings/people.html.twig', [
            'people' => $people->findOf($person->studio()),
            'invitations' => $invitations->findOf($person->studio()),
            'form' => $form,
        ]);
    }
}
