<?php

declare(strict_types=1);

namespace App\Quilt;

use App\Account\Person;
use App\Audit\AuditLog;
use App\Audit\Happening;
use App\Measure\CurrentUnits;
use App\Platform\Download;
use App\Platform\Kept\KeptUntilChanged;
use App\Platform\OwnPath;
use App\Quilt\Loading\Questions;
use App\Quilt\Pinning\Asked;
use App\Quilt\Pinning\Deciding;
use Schwung\Core\Design\LaidDesignWriter;
use Schwung\Core\Exchange\PlanWriter;
use Schwung\Core\Measure\UnitSystem;
use Schwung\Core\Practice\Hand;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;
use Symfony\Component\Uid\Ulid;

/** The workspace of one quilt. */
#[Route('/quilts/{id}', name: 'app_quilt_')]
final class QuiltController extends AbstractController
{
    private const STAGES = 'measure|backing|direction|attach|passes|load';

    public function __construct(
        private readonly QuiltRepository $quilts,
        private readonly Workspaces $workspaces,
        private readonly SheetChanges $changes,
        private readonly Deciding $deciding,
        private readonly CurrentUnits $units,
        private readonly FollowingChoices $choices,
    ) {}

    #[Route('/{stage}', name: 'stage', requirements: ['stage' => self::STAGES], methods: ['GET'])]
    #[KeptUntilChanged]
    public function stage(Ulid $id, string $stage, #[CurrentUser] Person $person, Request $request): Response
    {
        return $this->answer(
            $request,
            $this->workspaces->open($this->quilt($id, $person), View::from($request, $stage)),
        );
    }

    #[Route('/{stage}', name: 'change', requirements: ['stage' => self::STAGES], methods: ['POST'])]
    #[IsCsrfTokenValid('quilt')]
    public function change(
        Ulid $id,
        string $stage,
        #[CurrentUser] Person $person,
        Request $request,
        RevisionRepository $revisions,
    ): Response {
        $quilt = $this->quilt($id, $person);
        $payload = $request->getPayload();
        $shown = $revisions->findOneOf($quilt, (int) $payload->getString('revision'))?->sheet() ?? Sheet::blank();
        $writer = $this->units->writer(UnitSystem::tryFrom($payload->getString('units')));
        $form = new SheetForm($writer, $person->studio()->timeZone());
        $asked = $this->deciding->change(
            $quilt,
            $person,
            fn(Sheet $sheet): Sheet => $this->choices->follow(
                $sheet,
                $form->apply($payload->all('f'), $shown, $sheet),
                $quilt,
                $stage,
            ),
            $payload->getString('answer'),
        );

        return $this->after($request, $quilt, $stage, $asked);
    }

    #[
        Route(
            '/{stage}/{step}',
            name: 'step',
            requirements: ['stage' => self::STAGES, 'step' => 'undo|redo'],
            methods: ['POST'],
        ),
    ]
    #[IsCsrfTokenValid('quilt')]
    public function step(
        Ulid $id,
        string $stage,
        string $step,
        #[CurrentUser] Person $person,
        Request $request,
    ): Response {
        $quilt = $this->quilt($id, $person);
        'undo' === $step ? $this->changes->undo($quilt) : $this->changes->redo($quilt);

        return $this->after($request, $quilt, $stage);
    }

    #[
        Route(
            '/{stage}/keep/{offer}',
            name: 'keep',
            requirements: ['stage' => self::STAGES, 'offer' => '[a-z-]+'],
            methods: ['POST'],
        ),
    ]
    #[IsCsrfTokenValid('quilt')]
    public function keep(
        Ulid $id,
        string $stage,
        string $offer,
        #[CurrentUser] Person $person,
        Request $request,
    ): Response {
        $quilt = $this->quilt($id, $person);
        $asked = $this->deciding->change(
            $quilt,
            $person,
            fn(Sheet $sheet): Sheet => $this->workspaces->withOffer($quilt, $sheet, $stage, $offer),
            $request->getPayload()->getString('answer'),
            true,
        );

        return $this->after($request, $quilt, $stage, $asked);
    }

    /** What was promised is done with the hands, or that is taken back. */
    #[
        Route(
            '/promises/{key}/{step}',
            name: 'promise',
            requirements: ['key' => '[a-z/-]+', 'step' => 'done|undone'],
            methods: ['POST'],
        ),
    ]
    #[IsCsrfTokenValid('quilt')]
    public function promise(
        Ulid $id,
        string $key,
        string $step,
        #[CurrentUser] Person $person,
        Request $request,
    ): Response {
        $quilt = $this->quilt($id, $person);
        $this->deciding->tick($quilt, $person, $key, 'done' === $step);

        return $request->headers->has('HX-Request')
            ? $this->after($request, $quilt, 'load')
            : $this->redirect(
                OwnPath::of(
                    $request->getPayload()->getString('back'),
                    $this->generateUrl('app_quilt_stage', ['id' => $id, 'stage' => 'load']),
                ),
                Response::HTTP_SEE_OTHER,
            );
    }

    /** What was kept and is not so any more, by a change from elsewhere, is taken as it is now. */
    #[Route('/{stage}/settle', name: 'settle', requirements: ['stage' => self::STAGES], methods: ['POST'])]
    #[IsCsrfTokenValid('quilt')]
    public function settle(Ulid $id, string $stage, #[CurrentUser] Person $person, Request $request): Response
    {
        $quilt = $this->quilt($id, $person);
        $this->deciding->settle($quilt, $person);

        return $this->after($request, $quilt, $stage);
    }

    #[Route('/sheet', name: 'sheet', methods: ['GET'])]
    #[KeptUntilChanged]
    public function sheet(Ulid $id, #[CurrentUser] Person $person): Response
    {
        return $this->render('quilt/sheet.html.twig', [
            'workspace' => $this->workspaces->open($this->quilt($id, $person), new View('sheet')),
        ]);
    }

    #[Route('/job.json', name: 'job', methods: ['GET'])]
    public function job(Ulid $id, #[CurrentUser] Person $person, AuditLog $log): Response
    {
        $quilt = $this->quilt($id, $person);
        $log->note($person, Happening::Exported, $quilt->title() . ': job.json');
        $document = Subject::of($quilt)->job($this->units->system())->toArray();
        // Whose steps they are goes along, so that the command tells them as the page does.
        $hand = $person->body()->hand;

        return Download::json(
            Hand::Right === $hand ? $document : Members::with($document, ['load', 'habits', 'hand'], $hand->value),
            'job.json',
        );
    }

    #[Route('/plan.json', name: 'plan', methods: ['GET'])]
    public function plan(Ulid $id, #[CurrentUser] Person $person, Preparations $preparations): Response
    {
        $preparation = $preparations->of($this->quilt($id, $person), $this->units->system());
        if (null === $preparation->kept()) {
            throw $this->createNotFoundException('There is no plan before top and backing are measured.');
        }

        return Download::json((new PlanWriter($preparation))->document(), 'plan.json');
    }

    #[Route('/design.svg', name: 'laid', methods: ['GET'])]
    public function laid(Ulid $id, #[CurrentUser] Person $person, Preparations $preparations): Response
    {
        $quilt = $this->quilt($id, $person);
        $laid =
            $preparations->of($quilt, $this->units->system())->laid() ??
            throw $this->createNotFoundException('No row design is laid on this quilt.');

        return Download::of((new LaidDesignWriter())->write($laid, $quilt->title()), 'image/svg+xml', 'design.svg');
    }

    /** New quilts of this studio begin with the ways that this one is loaded by. */
    #[Route('/load/ways', name: 'ways', methods: ['POST'], priority: 1)]
    #[IsCsrfTokenValid('quilt')]
    public function ways(Ulid $id, #[CurrentUser] Person $person, Request $request): Response
    {
        $quilt = $this->quilt($id, $person);
        $person->studio()->loadBy(Questions::chosen($quilt->sheet()->texts(Questions::paths())));
        $this->quilts->save();

        return $this->after($request, $quilt, 'load');
    }

    /** A quilt goes on its frame although something is stuck, with a reason that is kept. */
    #[Route('/load/overrule', name: 'overrule', methods: ['GET', 'POST'], priority: 1)]
    public function overrule(
        Ulid $id,
        #[CurrentUser] Person $person,
        Request $request,
        Preparations $preparations,
    ): Response {
        $quilt = $this->quilt($id, $person);
        $preparation = $preparations->of($quilt, $this->units->system());
        [$stuck, $open] = [$preparation->stuck(), $preparation->openPromises()];
        $holding = $preparation->holdingBack();
        $reason = mb_substr(trim(mb_scrub($request->getPayload()->getString('reason'), 'UTF-8')), 0, 300);
        $fault = match (true) {
            !$request->isMethod('POST') => null,
            !$this->isCsrfTokenValid('quilt', $request->getPayload()->getString('_token'))
                => 'This page was open for too long. Send it once more.',
            '' === $reason => 'Write why, in a few words.',
            default => null,
        };
        $isGiven = [] !== $holding && $request->isMethod('POST') && null === $fault;
        if ($isGiven) {
            $this->changes->change(
                $quilt,
                static fn(Sheet $sheet): Sheet => $sheet
                    ->with('desk/despite', $reason)
                    ->with('desk/despite_of', implode(' ', $holding)),
            );
        }
        if ($isGiven || [] === $holding) {
            return $this->redirectToRoute(
                'app_quilt_stage',
                ['id' => $id, 'stage' => 'load'],
                Response::HTTP_SEE_OTHER,
            );
        }

        return $this->render(
            'quilt/overrule.html.twig',
            ['quilt' => $quilt, 'stuck' => $stuck, 'promises' => $open, 'reason' => $reason, 'fault' => $fault],
            null === $fault ? null : new Response(status: Response::HTTP_UNPROCESSABLE_ENTITY),
        );
    }

    private function quilt(Ulid $id, Person $person): Quilt
    {
        return $this->quilts->findOneOf($person->studio(), $id) ?? throw $this->createNotFoundException();
    }

    private function after(Request $request, Quilt $quilt, string $stage, ?Asked $asked = null): Response
    {
        $view = new View($stage, pass: View::from($request, $stage)->pass);
        if (null !== $asked) {
            return $this->answer($request, $this->workspaces->asking($quilt, $view, $asked, $request->getRequestUri()));
        }

        return $request->headers->has('HX-Request')
            ? $this->answer(
                $request,
                $this->workspaces->show(
                    $quilt,
                    $view,
                    $quilt->sheet(),
                    $this->changes->outcome($quilt, $this->units->system()),
                ),
            )
            : $this->redirectToRoute(
                'app_quilt_stage',
                ['id' => $quilt->id(), 'stage' => $stage],
                Response::HTTP_SEE_OTHER,
            );
    }

    private function answer(Request $request, Workspace $workspace): Response
    {
        $isFragment = $request->headers->has('HX-Request') && !$request->headers->has('HX-History-Restore-Request');
        $response = $isFragment
            ? $this->renderBlock('quilt/stage.html.twig', 'workspace', ['workspace' => $workspace])
            : $this->render('quilt/stage.html.twig', ['workspace' => $workspace]);

        return $response->setVary('HX-Request');
    }
}
