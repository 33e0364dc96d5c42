<?php

declare(strict_types=1);

namespace App\Public;

use App\Account\Person;
use App\Quilt\Quilt;
use App\Quilt\QuiltRepository;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;
use Symfony\Component\Uid\Ulid;

/** The link to a quilt, and what came in by it: accepted or refused by somebody of the studio. */
#[Route('/quilts/{id}', name: 'app_public_')]
#[IsCsrfTokenValid('messages')]
final class ProposalController extends AbstractController
{
    public function __construct(private readonly QuiltRepository $quilts) {}

    #[Route('/link/{step}', name: 'link', requirements: ['step' => 'make|close'], methods: ['POST'])]
    public function link(Ulid $id, string $step, #[CurrentUser] Person $person, JobLinks $links): Response
    {
        $quilt = $this->quilt($id, $person);
        'make' === $step ? $links->make($quilt) : $links->close($quilt);
        $this->addFlash('done', 'make' === $step ? 'The link is open.' : 'The link opens nothing any more.');

        return $this->back($id);
    }

    #[
        Route(
            '/proposals/{proposal}/{step}',
            name: 'decide',
            requirements: ['step' => 'accept|refuse'],
            methods: ['POST'],
        ),
    ]
    public function decide(
        Ulid $id,
        Ulid $proposal,
        string $step,
        #[CurrentUser] Person $person,
        Request $request,
        ProposalRepository $proposals,
        ProposalDesk $desk,
    ): Response {
        $found = $proposals->findOneOf($this->quilt($id, $person), $proposal) ?? throw $this->createNotFoundException();
        $paths = array_values(array_filter($request->getPayload()->all('paths'), \is_string(...)));
        $outcome = 'accept' === $step ? $desk->accept($found, $paths, $person) : $desk->refuse($found, $person);
        $this->addFlash($outcome->isDone() ? 'done' : 'fault', $outcome->says());

        return $this->back($id);
    }

    private function back(Ulid $id): Response
    {
        return $this->redirectToRoute('app_clients_messages', ['id' => $id], Response::HTTP_SEE_OTHER);
    }

    private function quilt(Ulid $id, Person $person): Quilt
    {
        return $this->quilts->findOneOf($person->studio(), $id) ?? throw $this->createNotFoundException();
    }
}
