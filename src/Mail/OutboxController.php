<?php

declare(strict_types=1);

namespace App\Mail;

use App\Account\Person;
use App\Clients\Messages\ClientMessageRepository;
use App\Platform\Download;
use Psr\Clock\ClockInterface;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;
use Symfony\Component\Security\Http\Attribute\IsGranted;
use Symfony\Component\Uid\Ulid;

/** Letters that wait for the owner to pass them on, where no mail server does. */
#[Route('/outbox', name: 'app_mail_')]
#[IsGranted('ROLE_OWNER')]
final class OutboxController extends AbstractController
{
    public function __construct(private readonly LetterRepository $letters, private readonly Post $post) {}

    #[Route('', name: 'outbox', methods: ['GET'])]
    public function outbox(#[CurrentUser] Person $person): Response
    {
        return $this->render('mail/outbox.html.twig', [
            'letters' => $this->letters->findOf($person->studio()),
            'isSent' => $this->post->leavesTheHouse(),
        ]);
    }

    #[Route('/{id}', name: 'letter', methods: ['GET'])]
    public function letter(Ulid $id, #[CurrentUser] Person $person): Response
    {
        return $this->render('mail/letter.html.twig', ['letter' => $this->find($id, $person)]);
    }

    #[Route('/{id}/letter.eml', name: 'download', methods: ['GET'])]
    public function download(Ulid $id, #[CurrentUser] Person $person): Response
    {
        return Download::of(
            $this->find($id, $person)->toMessage($this->post->sender()),
            'message/rfc822',
            'letter.eml',
        );
    }

    #[Route('/{id}/passed-on', name: 'passed_on', methods: ['POST'])]
    #[IsCsrfTokenValid('outbox')]
    public function passedOn(
        Ulid $id,
        #[CurrentUser] Person $person,
        ClockInterface $clock,
        ClientMessageRepository $messages,
    ): Response {
        $letter = $this->find($id, $person);
        $letter->passOn($clock->now());
        $messages->findOneIn($letter)?->sent();
        $this->letters->save();

        return $this->redirectToRoute('app_mail_outbox', status: Response::HTTP_SEE_OTHER);
    }

    private function find(Ulid $id, Person $person): Letter
    {
        return $this->letters->findOneOf($person->studio(), $id) ?? throw $this->createNotFoundException();
    }
}
