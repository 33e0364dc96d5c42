<?php

declare(strict_types=1);

namespace App\Clients\Messages;

use App\Account\Person;
use App\Mail\Post;
use App\Measure\CurrentUnits;
use App\Public\JobLinks;
use App\Public\ProposalRepository;
use App\Public\ProposalView;
use App\Quilt\Quilt;
use App\Quilt\QuiltRepository;
use Psr\Clock\ClockInterface;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Component\Form\FormError;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\RateLimiter\RateLimiterFactory;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;
use Symfony\Component\Uid\Ulid;

/** What goes to and fro between a quilt's client and the studio. Nothing is sent by itself. */
#[Route('/quilts/{id}/messages', name: 'app_clients_messages')]
final class MessageController extends AbstractController
{
    public function __construct(
        private readonly QuiltRepository $quilts,
        private readonly ClientMessageRepository $messages,
        private readonly ClockInterface $clock,
        private readonly CurrentUnits $units,
    ) {}

    #[Route('', name: '', methods: ['GET'])]
    public function messages(
        Ulid $id,
        #[CurrentUser] Person $person,
        Post $post,
        JobLinks $links,
        ProposalRepository $proposals,
        ProposalView $view,
    ): Response {
        $quilt = $this->quilt($id, $person);
        $link = $links->openOf($quilt);

        return $this->render('messages/index.html.twig', [
            'quilt' => $quilt,
            'messages' => $this->messages->findOf($quilt),
            'leaves' => $post->leavesTheHouse(),
            'link' => null === $link ? null : $links->address($link),
            'proposals' => array_map(
                fn($proposal) => $view->of($proposal, $this->units->system()),
                $proposals->findOf($quilt),
            ),
        ]);
    }

    #[Route('/new/{kind}', name: '_new', methods: ['GET', 'POST'])]
    public function new(
        Ulid $id,
        MessageKind $kind,
        #[CurrentUser] Person $person,
        Request $request,
        ReadySentences $sentences,
        Sending $sending,
        #[Autowire(service: 'limiter.client_message')] RateLimiterFactory $limiter,
    ): Response {
        $quilt = $this->quilt($id, $person);
        $input = new MessageInput();
        if (!$request->isMethod('POST')) {
            // Its figures are the client's own, in their units.
            $this->units->choose($quilt->whose()?->units() ?? $person->units());
            [$input->subject, $input->text] = $sentences->write($kind, $quilt, $person->name());
            $input->recipient = $quilt->whose()?->email() ?? '';
            $input->key = (string) new Ulid();
        }
        $form = $this->createForm(MessageType::class, $input)->handleRequest($request);
        if ($form->isSubmitted() && $form->isValid()) {
            $key = Ulid::isValid((string) $input->key) ? Ulid::fromString((string) $input->key) : new Ulid();
            $isSent = null !== $this->messages->findOneOf($quilt, $key);
            if ($isSent || $limiter->create((string) $person->studio()->id())->consume()->isAccepted()) {
                if (!$isSent) {
                    $sending->send(
                        new ClientMessage(
                            id: $key,
                            quilt: $quilt,
                            kind: $kind,
                            recipient: $input->recipient,
                            subject: trim($input->subject),
                            text: trim($input->text) . "\n",
                            writtenBy: $person->name(),
                            written: $this->clock->now(),
                        ),
                    );
                }
                $this->addFlash('draft', "message-$id-{$kind->value}");

                return $this->redirectToRoute('app_clients_messages', ['id' => $id], Response::HTTP_SEE_OTHER);
            }
            $form->addError(new FormError('Many messages were sent within the hour. Wait a little and send it then.'));
        }

        return $this->render(
            'messages/new.html.twig',
            ['quilt' => $quilt, 'kind' => $kind, 'form' => $form],
            $form->isSubmitted() ? new Response(status: Response::HTTP_UNPROCESSABLE_ENTITY) : null,
        );
    }

    /** Out of the outbox it went some other way. */
    #[Route('/{message}/passed-on', name: '_passed_on', methods: ['POST'])]
    #[IsCsrfTokenValid('messages')]
    public function passedOn(Ulid $id, Ulid $message, #[CurrentUser] Person $person): Response
    {
        $found =
            $this->messages->findOneOf($this->quilt($id, $person), $message) ?? throw $this->createNotFoundException();
        $found->sent();
        $found->letter()?->passOn($this->clock->now());
        $this->messages->save();

        return $this->redirectToRoute('app_clients_messages', ['id' => $id], Response::HTTP_SEE_OTHER);
    }

    /** The address does not exist any more, or its box is full: whoever got the answer says so here. */
    #[Route('/{message}/came-back', name: '_came_back', methods: ['POST'])]
    #[IsCsrfTokenValid('messages')]
    public function cameBack(Ulid $id, Ulid $message, #[CurrentUser] Person $person, Request $request): Response
    {
        $found =
            $this->messages->findOneOf($this->quilt($id, $person), $message) ?? throw $this->createNotFoundException();
        $why = mb_substr(trim(mb_scrub($request->getPayload()->getString('why'), 'UTF-8')), 0, 300);
        $found->comeBack('' === $why ? 'Nobody said why.' : $why);
        $this->messages->save();

        return $this->redirectToRoute('app_clients_messages', ['id' => $id], Response::HTTP_SEE_OTHER);
    }

    private function quilt(Ulid $id, Person $person): Quilt
    {
        return $this->quilts->findOneOf($person->studio(), $id) ?? throw $this->createNotFoundException();
    }
}
