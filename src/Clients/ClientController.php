<?php

declare(strict_types=1);

namespace App\Clients;

use App\Account\Person;
use App\Account\Sure\Grave;
use App\Audit\AuditLog;
use App\Audit\Happening;
use App\Platform\Download;
use App\Platform\Kept\KeptUntilChanged;
use App\Public\ProposalRepository;
use Psr\Clock\ClockInterface;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\Form\FormError;
use Symfony\Component\Form\FormInterface;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;
use Symfony\Component\Security\Http\Attribute\IsGranted;
use Symfony\Component\Uid\Ulid;

/** The people whose quilts are quilted here. */
#[Route('/clients', name: 'app_clients_')]
final class ClientController extends AbstractController
{
    public function __construct(
        private readonly ClientRepository $clients,
        private readonly ClientBook $book,
        private readonly ClientFolder $folder,
    ) {}

    #[Route('', name: 'index', methods: ['GET'])]
    #[KeptUntilChanged]
    public function index(#[CurrentUser] Person $person, Request $request, ProposalRepository $proposals): Response
    {
        $search = mb_substr(trim(mb_scrub($request->query->getString('q'), 'UTF-8')), 0, 120);
        $page = max(1, $request->query->getInt('page', 1));
        $rows = $this->clients->findRows($person->studio(), $search, $page);

        return $this->render('clients/index.html.twig', [
            'rows' => \array_slice($rows, 0, ClientRepository::A_PAGE),
            'search' => $search,
            'page' => $page,
            'waiting' => $proposals->findWaiting($person->studio()),
            'hasMore' => \count($rows) > ClientRepository::A_PAGE,
        ]);
    }

    #[Route('/new', name: 'new', methods: ['GET', 'POST'], priority: 1)]
    public function new(#[CurrentUser] Person $person, Request $request, ClockInterface $clock): Response
    {
        $input = new ClientInput();
        $form = $this->createForm(ClientType::class, $input)->handleRequest($request);
        if ($form->isSubmitted() && $form->isValid()) {
            $client = new Client($person->studio(), trim($input->name), $clock->now());
            if ($this->isWritten($client, $input, $form)) {
                $this->addFlash('draft', 'client-new');

                return $this->redirectToRoute('app_clients_show', ['id' => $client->id()], Response::HTTP_SEE_OTHER);
            }
        }

        return $this->render(
            'clients/edit.html.twig',
            ['form' => $form, 'client' => null],
            $form->isSubmitted() ? new Response(status: Response::HTTP_UNPROCESSABLE_ENTITY) : null,
        );
    }

    #[Route('/{id}', name: 'show', methods: ['GET'])]
    public function show(Ulid $id, #[CurrentUser] Person $person): Response
    {
        $client = $this->find($id, $person);

        return $this->render('clients/show.html.twig', [
            'client' => $client,
            'folder' => $this->folder->of($client),
            'others' => array_values(array_diff($this->clients->findNames($person->studio()), [$client->name()])),
        ]);
    }

    #[Route('/{id}/edit', name: 'edit', methods: ['GET', 'POST'])]
    public function edit(Ulid $id, #[CurrentUser] Person $person, Request $request): Response
    {
        $client = $this->find($id, $person);
        $input = ClientInput::of($client);
        $form = $this->createForm(ClientType::class, $input)->handleRequest($request);
        if ($form->isSubmitted() && $form->isValid() && $this->isWritten($client, $input, $form)) {
            $this->addFlash('draft', 'client-' . $id);

            return $this->redirectToRoute('app_clients_show', ['id' => $id], Response::HTTP_SEE_OTHER);
        }

        return $this->render(
            'clients/edit.html.twig',
            ['form' => $form, 'client' => $client],
            $form->isSubmitted() ? new Response(status: Response::HTTP_UNPROCESSABLE_ENTITY) : null,
        );
    }

    /** One person, written down twice. */
    #[Route('/{id}/merge', name: 'merge', methods: ['POST'])]
    #[IsCsrfTokenValid('clients')]
    public function merge(Ulid $id, #[CurrentUser] Person $person, Request $request): Response
    {
        $client = $this->find($id, $person);
        $name = trim(mb_scrub($request->getPayload()->getString('name'), 'UTF-8'));
        $other = '' === $name ? null : $this->clients->findOneNamed($person->studio(), $name);
        if (null === $other || $other === $client) {
            $this->addFlash(
                'fault',
                null === $other
                    ? \sprintf(
                        'Nobody here is called “%s”. Write the name as the list has it.',
                        mb_substr($name, 0, 60),
                    )
                    : 'That is this client. Write the other name.',
            );
        } else {
            $this->book->merge($client, $other);
            $this->addFlash('done', "What was {$other->name()}'s is {$client->name()}'s now.");
        }

        return $this->redirectToRoute('app_clients_show', ['id' => $id], Response::HTTP_SEE_OTHER);
    }

    /** All that is kept of a client, for whoever asks what that is. */
    #[Route('/{id}/client.json', name: 'export', methods: ['GET'])]
    public function export(Ulid $id, #[CurrentUser] Person $person, AuditLog $log, ClientDocument $document): Response
    {
        $client = $this->find($id, $person);
        $log->note($person, Happening::Exported, $client->name() . ': client.json');

        return Download::json($document->of($client), 'client.json');
    }

    #[Route('/{id}/erase', name: 'erase', methods: ['GET', 'POST'])]
    #[IsGranted('ROLE_OWNER')]
    #[IsCsrfTokenValid('clients', methods: ['POST'])]
    #[Grave]
    public function erase(Ulid $id, #[CurrentUser] Person $person, Request $request, AuditLog $log): Response
    {
        $client = $this->find($id, $person);
        $fault = null;
        if ($request->isMethod('POST')) {
            if (trim($request->getPayload()->getString('name')) === $client->name()) {
                $this->book->erase($client);
                // Whose name it was is what is erased.
                $log->note($person, Happening::ClientErased);
                $this->addFlash('done', 'The client is erased. Their quilts say “client removed”.');

                return $this->redirectToRoute('app_clients_index', status: Response::HTTP_SEE_OTHER);
            }
            $fault = 'Type the name as it stands here, so that this is no slip.';
        }

        return $this->render(
            'clients/erase.html.twig',
            ['client' => $client, 'fault' => $fault],
            null === $fault ? null : new Response(status: Response::HTTP_UNPROCESSABLE_ENTITY),
        );
    }

    /** @param FormInterface<ClientInput> $form */
    private function isWritten(Client $client, ClientInput $input, FormInterface $form): bool
    {
        $namesake = $this->book->write($client, $input);
        if (null !== $namesake) {
            $form
                ->get('name')
                ->addError(
                    new FormError(
                        \sprintf(
                            '%s is in the book already. Is it the same person, open that page and merge; if not, add ' .
                                'something that tells them apart.',
                            $namesake->name(),
                        ),
                    ),
                );
        }

        return null === $namesake;
    }

    private function find(Ulid $id, Person $person): Client
    {
        return $this->clients->findOneOf($person->studio(), $id) ?? throw $this->createNotFoundException();
    }
}
