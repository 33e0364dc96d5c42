<?php

declare(strict_types=1);

namespace App\Public;

use App\Account\Person;
use App\Bench\Plan\QueueChanges;
use App\Quilt\Pinning\Deciding;
use App\Quilt\Quilt;
use App\Quilt\QuiltRepository;
use App\Quilt\Sheet;
use Doctrine\ORM\EntityManagerInterface;
use Psr\Clock\ClockInterface;
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
        EntityManagerInterface $entities,
        Deciding $deciding,
        ClockInterface $clock,
        QueueChanges $queue,
    ): Response {
        $quilt = $this->quilt($id, $person);
        $chosen = array_flip(array_filter($request->getPayload()->all('paths'), \is_string(...)));
        $said = $entities->wrapInTransaction(function () use (
            $quilt,
            $proposal,
            $step,
            $person,
            $proposals,
            $deciding,
            $clock,
            $chosen,
        ): array {
            $found = $proposals->findOneOf($quilt, $proposal) ?? throw $this->createNotFoundException();
            if (!$proposals->decide($found, 'accept' === $step, $person->name(), $clock->now())) {
                return ['fault', 'Somebody was there first: it is decided already.'];
            }
            $measures = 'accept' === $step ? array_intersect_key($found->measures, $chosen) : [];
            $asked =
                [] === $measures
                    ? null
                    : $deciding->change(
                        $quilt,
                        $person,
                        static fn(Sheet $sheet): Sheet => ClientMeasures::laid($sheet, $measures),
                    );
            if (null !== $asked) {
                $proposals->reopen($found);

                return [
                    'fault',
                    'Something that was kept stands against it. Change it at the quilt, where it asks you.',
                ];
            }

            return ['done', 'accept' === $step ? 'Taken over. Undo at the quilt takes it back.' : 'Refused.'];
        });
        // The bench asks nobody to read it any more.
        $queue->ask($person->studio()->id());
        $this->addFlash(...$said);

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
