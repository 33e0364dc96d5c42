<?php

declare(strict_types=1);

namespace App\Quilt\Measuring;

use App\Account\Person;
use App\Measure\CurrentUnits;
use App\Quilt\Pinning\Asked;
use App\Quilt\Pinning\Deciding;
use App\Quilt\Preparations;
use App\Quilt\Quilt;
use App\Quilt\QuiltRepository;
use App\Quilt\Sheet;
use App\Quilt\SheetForm;
use App\Quilt\View;
use App\Quilt\Workspaces;
use Schwung\Core\Job\Taping;
use Schwung\Core\Measure\UnitSystem;
use Schwung\Core\Preparation\Preparation;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;
use Symfony\Component\Uid\Ulid;

/** Asks for one measure after another, for somebody who walks round the table with a tape in both hands. */
#[Route('/quilts/{id}/tape', name: 'app_tape_')]
final class TapeController extends AbstractController
{
    public function __construct(
        private readonly QuiltRepository $quilts,
        private readonly Workspaces $workspaces,
        private readonly Preparations $preparations,
        private readonly CurrentUnits $units,
    ) {}

    #[Route('', name: 'show', methods: ['GET'])]
    public function show(Ulid $id, #[CurrentUser] Person $person, Request $request): Response
    {
        $quilt = $this->quilt($id, $person);

        return $this->page($request, $quilt, $this->preparation($quilt), [
            'at' => $request->query->getString('at'),
            'skipped' => $request->query->getString('skipped'),
            'layer' => $request->query->getString('layer'),
        ]);
    }

    /** Takes in one measure, or several that were typed without a connection, and asks for the next. */
    #[Route('', name: 'take', methods: ['POST'])]
    #[IsCsrfTokenValid('quilt')]
    public function take(Ulid $id, #[CurrentUser] Person $person, Request $request, Deciding $deciding): Response
    {
        $quilt = $this->quilt($id, $person);
        $payload = $request->getPayload();
        $form = new SheetForm(
            $this->units->writer(UnitSystem::tryFrom($payload->getString('units'))),
            $person->studio()->timeZone(),
        );
        $entered = array_filter(
            $payload->all('f'),
            static fn(string|int $path): bool => null !== Taping::tryFrom((string) $path),
            \ARRAY_FILTER_USE_KEY,
        );
        $asked = $deciding->change(
            $quilt,
            $person,
            static fn(Sheet $sheet): Sheet => $form->apply($entered, $sheet, $sheet),
            $payload->getString('answer'),
        );
        $at = Taping::tryFrom($payload->getString('asked'));
        if (null !== $asked && null !== $at) {
            return $this->asking($request, $quilt, $asked, $at);
        }
        $preparation = $this->preparation($quilt);
        $query = [
            'at' => null !== $at && null !== $preparation->known->faultAt($at->value) ? $at->value : '',
            'skipped' => $payload->getString('skipped'),
            'layer' => $payload->getString('layer'),
        ];

        return $request->headers->has('HX-Request')
            ? $this->page($request, $quilt, $preparation, $query)
            : $this->redirectToRoute('app_tape_show', ['id' => $id, ...array_filter($query)], Response::HTTP_SEE_OTHER);
    }

    /** @param array{at: string, skipped: string, layer: string} $query */
    private function page(Request $request, Quilt $quilt, Preparation $preparation, array $query): Response
    {
        $skipped = array_values(array_filter(array_map(Taping::tryFrom(...), explode(' ', $query['skipped']))));
        $now = Taping::tryFrom($query['at']) ?? TapeWalk::next($preparation, $skipped, 'backing' === $query['layer']);
        $workspace = $this->workspaces->show($quilt, $this->view($now), $quilt->sheet(), $preparation);

        return $this->answer($request, new TapeWalk($workspace, $now, $skipped));
    }

    /** Whether a measure is meant that would undo what was kept. */
    private function asking(Request $request, Quilt $quilt, Asked $asked, Taping $at): Response
    {
        $workspace = $this->workspaces->asking($quilt, $this->view($at), $asked, $request->getRequestUri());

        return $this->answer($request, new TapeWalk($workspace, $at, []));
    }

    private function view(?Taping $now): View
    {
        return new View(false === $now?->isOfTop() ? 'backing' : 'measure');
    }

    private function preparation(Quilt $quilt): Preparation
    {
        return $this->preparations->of($quilt, $this->units->system());
    }

    private function answer(Request $request, TapeWalk $walk): Response
    {
        $response =
            $request->headers->has('HX-Request') && !$request->headers->has('HX-History-Restore-Request')
                ? $this->renderBlock('quilt/tape.html.twig', 'walk', ['walk' => $walk])
                : $this->render('quilt/tape.html.twig', ['walk' => $walk]);

        return $response->setVary('HX-Request');
    }

    private function quilt(Ulid $id, Person $person): Quilt
    {
        return $this->quilts->findOneOf($person->studio(), $id) ?? throw $this->createNotFoundException();
    }
}
