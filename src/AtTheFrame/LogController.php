<?php

declare(strict_types=1);

namespace App\AtTheFrame;

use App\Account\Person;
use App\Audit\AuditLog;
use App\Audit\Happening;
use App\Designs\DesignShelf;
use App\Measure\CurrentUnits;
use App\Platform\Download;
use App\Platform\Kept\KeptUntilChanged;
use App\Quilt\Quilt;
use App\Quilt\QuiltRepository;
use App\Quilt\View;
use App\Quilt\Workspaces;
use Psr\Clock\ClockInterface;
use Schwung\Core\Measure\LengthWriter;
use Schwung\Core\Running\EntryKind;
use Schwung\Core\Running\JournalEntry;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\Form\FormError;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\MapQueryParameter;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;
use Symfony\Component\Uid\Ulid;

/** The log of a quilt as it happened, and what is written down once it is off the frame. */
#[Route('/quilts/{id}', name: 'app_frame_')]
final class LogController extends AbstractController
{
    /** So many entries of a log are shown at first. */
    private const LATEST = 200;

    public function __construct(
        private readonly QuiltRepository $quilts,
        private readonly RunRepository $runs,
        private readonly RunViews $views,
        private readonly CurrentUnits $units,
        private readonly Workspaces $workspaces,
        private readonly FramePictures $pictures,
    ) {}

    #[Route('/stitch', name: 'stitch', methods: ['GET'])]
    #[KeptUntilChanged]
    public function stitch(
        Ulid $id,
        #[CurrentUser] Person $person,
        #[MapQueryParameter] bool $all = false,
        ?string $fault = null,
    ): Response {
        $quilt = $this->quilt($id, $person);
        $run = $this->runs->findLatest($quilt);
        $view = null === $run ? null : $this->views->open($run);

        return $this->render(
            'frame/stitch.html.twig',
            [
                'workspace' => $this->workspaces->open($quilt, new View('stitch')),
                'view' => $view,
                'fault' => $fault,
                'lines' =>
                    null === $view ? [] : array_reverse($this->lines($view, $person, $all ? null : self::LATEST)),
                'earlier' => $all ? 0 : max(0, \count($view->entries ?? []) - self::LATEST),
                'bed' => null === $view ? null : $this->pictures->log($view, $this->units->system()),
                'differences' =>
                    null === $run || null !== $run->ended()
                        ? []
                        : (new Differences($this->units->writer()))->between($run->subject(), $run->asItStandsNow()),
            ],
            null === $fault ? null : new Response(status: Response::HTTP_UNPROCESSABLE_ENTITY),
        );
    }

    /** A problem that is written down later than at the frame; from there on it is reasoned about in the same way. */
    #[Route('/stitch/problem', name: 'problem', methods: ['POST'])]
    #[IsCsrfTokenValid('log')]
    public function problem(
        Ulid $id,
        #[CurrentUser] Person $person,
        Request $request,
        LogBook $book,
        ClockInterface $clock,
    ): Response {
        $run = $this->run($id, $person);
        $fields = $request->getPayload();
        $place =
            is_numeric($fields->get('x')) && is_numeric($fields->get('y'))
                ? ['x' => (float) $fields->getString('x'), 'y' => (float) $fields->getString('y')]
                : [];
        $words = array_map($fields->getString(...), [
            'layer' => 'layer',
            'seen' => 'seen',
            'severity' => 'severity',
            'action' => 'action',
        ]);
        $photo = $fields->getString('photo');
        $entry = [
            'key' => $fields->getString('once'),
            'kind' => EntryKind::Problem->value,
            'step' => null,
            'at' => MomentMs::of($clock->now()),
            'data' => [...$place, ...$words, ...'' === $photo ? [] : ['photo' => $photo]],
        ];
        $entries = (new EntryReader($person->name(), 0, $clock->now(), $run->started))->take([$entry]);
        if ([] === $entries) {
            return $this->stitch(
                $id,
                $person,
                fault: 'Choose what is seen and in which layer; nothing was written down yet.',
            );
        }
        try {
            $book->write($run, $entries);
        } catch (PhotosRefused $exception) {
            return $this->stitch(
                $id,
                $person,
                fault: $exception->getMessage() .
                    ' Send it again later, or without the photo; nothing was written down yet.',
            );
        }
        $this->addFlash('draft', 'problem-' . $id);

        return $this->redirectToRoute(
            'app_tension_problem',
            ['id' => $id, 'key' => $entries[0]->key],
            Response::HTTP_SEE_OTHER,
        );
    }

    #[Route('/stitch/note', name: 'note', methods: ['POST'])]
    #[IsCsrfTokenValid('log')]
    public function note(
        Ulid $id,
        #[CurrentUser] Person $person,
        Request $request,
        LogBook $book,
        ClockInterface $clock,
    ): Response {
        $text = mb_substr(trim(mb_scrub($request->getPayload()->getString('text'), 'UTF-8')), 0, 2000);
        $key = $request->getPayload()->getString('key');
        if ('' !== $text) {
            $book->write($this->run($id, $person), [
                new JournalEntry(
                    Ulid::isValid($key) ? $key : (string) new Ulid(),
                    EntryKind::Note,
                    null,
                    $clock->now(),
                    ['text' => $text],
                    $person->name(),
                ),
            ]);
        }

        return $this->redirectToRoute('app_frame_stitch', ['id' => $id], Response::HTTP_SEE_OTHER);
    }

    /** Nothing is taken out of a log: what was wrong is said to be so. */
    #[
        Route(
            '/stitch/correct/{key}',
            name: 'correct',
            requirements: ['key' => '[0-9A-Za-z-]{10,36}'],
            methods: ['POST'],
        ),
    ]
    #[IsCsrfTokenValid('log')]
    public function correct(
        Ulid $id,
        string $key,
        #[CurrentUser] Person $person,
        LogBook $book,
        ClockInterface $clock,
    ): Response {
        $run = $this->run($id, $person);
        // The same key for the same entry: corrected twice, it is corrected once.
        $book->write($run, [
            new JournalEntry(
                substr('c-' . hash('sha256', $key), 0, 36),
                EntryKind::Correction,
                null,
                $clock->now(),
                ['of' => $key],
                $person->name(),
            ),
        ]);

        return $this->redirectToRoute('app_frame_stitch', ['id' => $id], Response::HTTP_SEE_OTHER);
    }

    #[Route('/log.csv', name: 'csv', methods: ['GET'])]
    public function csv(Ulid $id, #[CurrentUser] Person $person, AuditLog $log): Response
    {
        $run = $this->run($id, $person);
        $log->note($person, Happening::Exported, $run->quilt->title() . ': log.csv');
        $view = $this->views->open($run);

        return Download::of(
            (new LogCsv())->write($this->lines($view, $person)),
            'text/csv; charset=UTF-8; header=present',
            'log.csv',
        );
    }

    #[Route('/off', name: 'off', methods: ['GET', 'POST'])]
    public function off(
        Ulid $id,
        #[CurrentUser] Person $person,
        Request $request,
        DesignShelf $designs,
        Riders $riders,
        TakingOff $taking,
        OffView $offView,
    ): Response {
        $quilt = $this->quilt($id, $person);
        $run = $this->runs->findLatest($quilt);
        $view = null === $run ? null : $this->views->open($run);
        $off = $run?->off() ?? new OffSheet();
        if (null !== $view && null === $view->run->ended()) {
            $this->propose(
                $off,
                $view,
                $designs->names($quilt->studio)[$view->subject->sheet->text('desk/design')] ?? '',
            );
        }
        $stillOn = $riders->stillOn($quilt);
        $form = $this->createForm(OffType::class, $off)->handleRequest($request);
        $isLarger = $form->isSubmitted() && $form->isValid() ? $taking->fault($quilt, $off) : null;
        if (null !== $isLarger) {
            $form
                ->get($isLarger[0])
                ->addError(
                    new FormError(
                        'That is more than the top, which measured ' .
                            $this->units->writer()->write($isLarger[1]) .
                            ' there. Measure it trimmed, or correct the top.',
                    ),
                );
        }
        if (null !== $run && null !== $view && [] === $stillOn && $form->isSubmitted() && $form->isValid()) {
            $taking->take($run, $view, $off, $person->name());
            $this->addFlash('draft', 'off-' . $id);
            $this->addFlash('done', 'It is off the frame and in the history of ' . $quilt->client() . '.');

            return $this->redirectToRoute('app_frame_off', ['id' => $id], Response::HTTP_SEE_OTHER);
        }

        return $this->render(
            'frame/off.html.twig',
            [
                'workspace' => $this->workspaces->open($quilt, new View('off')),
                'view' => $view,
                'form' => $form,
                'stillOn' => $stillOn,
                'told' => null === $view ? null : $offView->of($view, $off),
            ],
            $form->isSubmitted() ? new Response(status: Response::HTTP_UNPROCESSABLE_ENTITY) : null,
        );
    }

    /** Back on the shelf, to be loaded once more. */
    #[Route('/off/again', name: 'again', methods: ['POST'])]
    #[IsCsrfTokenValid('log')]
    public function again(Ulid $id, #[CurrentUser] Person $person): Response
    {
        $quilt = $this->quilt($id, $person);
        $quilt->shelve();
        // The load in which it was beside others is over.
        $quilt->rideAlone();
        $this->runs->save();

        return $this->redirectToRoute('app_quilt_stage', ['id' => $id, 'stage' => 'load'], Response::HTTP_SEE_OTHER);
    }

    private function propose(OffSheet $off, RunView $view, string $design): void
    {
        $off->bobbins ??= $view->setup->thread->bobbins;
        $off->design = '' === $off->design ? $design : $off->design;
    }

    /** @return list<LogLine> */
    private function lines(RunView $view, Person $person, ?int $latest = null): array
    {
        return (new LogLines(new LengthWriter($this->units->system(), $person->studio()->fraction())))->of(
            $view,
            $latest,
        );
    }

    private function run(Ulid $id, Person $person): Run
    {
        return $this->runs->findLatest($this->quilt($id, $person)) ?? throw $this->createNotFoundException();
    }

    private function quilt(Ulid $id, Person $person): Quilt
    {
        return $this->quilts->findOneOf($person->studio(), $id) ?? throw $this->createNotFoundException();
    }
}
