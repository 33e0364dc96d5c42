<?php

declare(strict_types=1);

namespace App\Settings;

use App\Account\Invitation;
use App\Account\InvitationRepository;
use App\Account\LinkSecret;
use App\Account\Person;
use App\Account\PersonRepository;
use App\Audit\AuditLog;
use App\Audit\Happening;
use App\Mail\Post;
use Psr\Clock\ClockInterface;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Component\Form\FormError;
use Symfony\Component\Form\FormInterface;
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
    public function __construct(
        private readonly PersonRepository $people,
        private readonly InvitationRepository $invitations,
        private readonly Post $post,
    ) {}

    #[Route('/people', name: 'app_settings_people', methods: ['GET'])]
    public function people(#[CurrentUser] Person $person): Response
    {
        return $this->page($person, $this->createForm(HelperType::class, new Helper()));
    }

    #[Route('/people', name: 'app_settings_invite', methods: ['POST'])]
    #[IsGranted('ROLE_OWNER')]
    public function invite(
        #[CurrentUser] Person $person,
        Request $request,
        ClockInterface $clock,
        AuditLog $log,
        #[Autowire(service: 'limiter.invite')] RateLimiterFactory $limiter,
    ): Response {
        $helper = new Helper();
        $form = $this->createForm(HelperType::class, $helper)->handleRequest($request);
        $isTaken = $form->isSubmitted() && $form->isValid() && $this->people->isTaken($helper->email);
        // Where letters reach their readers, only the reader of this one is told.
        if ($isTaken && !$this->post->leavesTheHouse()) {
            $form->get('email')->addError(new FormError('Somebody signs in with this address already.'));
        }
        if ($form->isSubmitted() && !$limiter->create((string) $person->id())->consume()->isAccepted()) {
            $form->addError(new FormError('Those were many links. Wait an hour before the next.'));
        }
        if (!$form->isSubmitted() || !$form->isValid()) {
            return $this->page($person, $form);
        }
        $secret = LinkSecret::make();
        $invitation = new Invitation(
            $person->studio(),
            $helper->name,
            Person::canonical($helper->email),
            $secret,
            $clock->now(),
        );
        $this->invitations->keep($invitation);
        $log->note($person, Happening::HelperInvited, "{$invitation->name}, {$invitation->email}");
        $this->tell($person, $invitation, $secret, $isTaken);

        return $this->redirectToRoute('app_settings_people', status: Response::HTTP_SEE_OTHER);
    }

    /** By a letter to the address, which proves whose it is; by a link to hand over where letters stay in the house. */
    private function tell(Person $owner, Invitation $invitation, string $secret, bool $isTaken): void
    {
        if (!$this->post->leavesTheHouse()) {
            $this->addFlash(
                'link',
                $this->generateUrl('app_account_join', ['secret' => $secret], UrlGeneratorInterface::ABSOLUTE_URL),
            );

            return;
        }
        $this->post->send(
            $owner->studio(),
            $invitation->email,
            'invitation',
            [
                'owner' => $owner,
                'name' => $invitation->name,
                'link' => $this->post->link('app_account_join', ['secret' => $secret]),
                'taken' => $isTaken,
            ],
            $invitation->expires(),
        );
        $this->addFlash('draft', 'helper');
        $this->addFlash('done', "A letter with a link is on its way to {$invitation->email}.");
    }

    /** @param FormInterface<Helper> $form */
    private function page(Person $person, FormInterface $form): Response
    {
        return $this->render('settings/people.html.twig', [
            'people' => $this->people->findOf($person->studio()),
            'invitations' => $this->invitations->findOf($person->studio()),
            'leavesTheHouse' => $this->post->leavesTheHouse(),
            'form' => $form,
        ]);
    }
}
