<?php

declare(strict_types=1);

namespace App\AtTheFrame;

use App\Account\Person;
use App\Measure\CurrentUnits;
use App\Platform\Kept\KeptUntilChanged;
use App\Quilt\Preparations;
use App\Quilt\Quilt;
use App\Quilt\QuiltRepository;
use Psr\Clock\ClockInterface;
use Schwung\Core\Loading\ClothWords;
use Schwung\Core\Loading\OtherSchool;
use Schwung\Core\Loading\Parking;
use Schwung\Core\Loading\StatePart;
use Schwung\Core\Running\EntryKind;
use Schwung\Core\Running\JournalEntry;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;
use Symfony\Component\Uid\Ulid;

/** At the frame: one step at a time, and the log that is written there. */
#[Route('/quilts/{id}/frame', name: 'app_frame_')]
final class FrameController extends AbstractController
{
    public function __construct(
        private readonly QuiltRepository $quilts,
        private readonly RunRepository $runs,
        private readonly RunViews $views,
        private readonly CurrentUnits $units,
        private readonly Preparations $preparations,
    ) {}

    #[Route('', name: 'show', methods: ['GET'])]
    #[KeptUntilChanged]
    public function show(Ulid $id, #[CurrentUser] Person $person, FramePictures $pictures): Response
    {
        $quilt = $this->quilt($id, $person);
        $run = $this->runs->findOpen($quilt);
        if (null === $run) {
            return $this->redirectToRoute(
                'app_quilt_stage',
                ['id' => $id, 'stage' => 'load'],
                Response::HTTP_SEE_OTHER,
            );
        }
        $view = $this->views->open($run);
        $drawer = new StateDrawer($view->setup);
        [$states, $stateOf] = $drawer->all($view->steps);

        return $this->render('frame/show.html.twig', [
            'quilt' => $quilt,
            'view' => $view,
            'cards' => StepCard::all($view->steps, $states),
            'states' => $stateOf,
            'copied' => $drawer->parts(),
            'cloths' => array_map((new ClothWords(!$view->setup->isClamped()))->of(...), $view->steps->cloths()),
            'parts' => StatePart::of($view->setup->kind()),
            'pictures' => $pictures->of($view->preparation, $view->setup, $view->steps, $this->units->system()),
            'parking' => new Parking(),
            'fraction' => $person->studio()->fraction(),
        ]);
    }

    /** Asks at which pass a quilt hangs that was begun elsewhere. */
    #[Route('/half-done', name: 'half_done', methods: ['GET'])]
    public function halfDone(Ulid $id, #[CurrentUser] Person $person): Response
    {
        return $this->asksHalfDone($this->quilt($id, $person));
    }

    /** @param string|null $entered rows that are none; what was entered is kept */
    private function asksHalfDone(Quilt $quilt, int $pass = 1, ?string $entered = null): Response
    {
        $preparation = $this->preparations->of($quilt, $this->units->system());
        $winding = $preparation->winding();

        return $quilt->isLoaded() || null === $winding || !$preparation->mayStart()
            ? $this->redirectToRoute(
                'app_quilt_stage',
                ['id' => $quilt->id(), 'stage' => 'load'],
                Response::HTTP_SEE_OTHER,
            )
            : $this->render(
                'frame/half_done.html.twig',
                ['quilt' => $quilt, 'winding' => $winding, 'pass' => $pass, 'entered' => $entered],
                null === $entered ? null : new Response(status: Response::HTTP_UNPROCESSABLE_ENTITY),
            );
    }

    /** "1 ½", "1.5" or "1,5" rows; null where it is no such number. */
    private static function rows(string $text): ?float
    {
        $text = str_replace([' ', '½', ','], ['', '.5', '.'], trim($text));

        return 1 === preg_match('/^\d{0,3}(\.\d+)?$/', $text) ? (float) $text : null;
    }

    #[Route('/start', name: 'start', methods: ['POST'])]
    #[IsCsrfTokenValid('frame')]
    public function start(
        Ulid $id,
        #[CurrentUser] Person $person,
        Request $request,
        Starting $starting,
        HalfDone $halfDone,
    ): Response {
        $payload = $request->getPayload();
        [$pass, $entered] = [(int) $payload->getString('pass'), $payload->getString('rows', '0')];
        $rows = self::rows($entered);
        if (null === $rows) {
            return $this->asksHalfDone($this->quilt($id, $person), $pass, $entered);
        }
        $run = $starting->start($this->quilt($id, $person));
        if (null !== $run && $pass > 0) {
            $halfDone->enter($run, $pass, $rows, $person->name());
        }

        return null === $run
            ? $this->redirectToRoute('app_quilt_stage', ['id' => $id, 'stage' => 'load'], Response::HTTP_SEE_OTHER)
            : $this->redirectToRoute('app_frame_show', ['id' => $id], Response::HTTP_SEE_OTHER);
    }

    /** What came into the log after a number; every device asks for it about once a second. */
    #[Route('/entries', name: 'entries', methods: ['GET'])]
    public function entries(
        Ulid $id,
        #[CurrentUser] Person $person,
        Request $request,
        LogEntryRepository $log,
    ): JsonResponse {
        return $this->answer(
            $this->run($id, $person, $request->query->getString('run')),
            (int) $request->query->getString('after', '0'),
            $log,
        );
    }

    #[Route('/entries', name: 'write', methods: ['POST'])]
    #[IsCsrfTokenValid('frame')]
    public function write(
        Ulid $id,
        #[CurrentUser] Person $person,
        Request $request,
        LogBook $book,
        LogEntryRepository $log,
        ClockInterface $clock,
    ): JsonResponse {
        $payload = $request->getPayload();
        if (!\in_array($payload->getString('person'), ['', (string) $person->id()], true)) {
            throw $this->createAccessDeniedException('What one person wrote is sent by nobody else.');
        }
        $run = $this->run($id, $person, $payload->getString('run'));
        $now = $clock->now();
        $deviceNow = MomentMs::plausible((int) $payload->getString('now', (string) MomentMs::of($now)));
        try {
            $book->write(
                $run,
                (new EntryReader($person->name(), MomentMs::of($now) - $deviceNow, $now, $run->started))->read(
                    $payload->getString('entries'),
                ),
                $payload->getString('follows'),
            );
        } catch (UnreadableEntry $exception) {
            return new JsonResponse(['error' => $exception->getMessage()], Response::HTTP_UNPROCESSABLE_ENTITY);
        } catch (PhotosRefused $exception) {
            return new JsonResponse(['error' => $exception->getMessage()], Response::HTTP_TOO_MANY_REQUESTS);
        }

        return $this->answer($run, (int) $payload->getString('after', '0'), $log);
    }

    /** A piece of a photo; the answer says how much of it is here, so that a line that broke costs a piece at most. */
    #[Route('/photo-piece', name: 'photo_piece', methods: ['POST'])]
    #[IsCsrfTokenValid('frame')]
    public function photoPiece(
        Ulid $id,
        #[CurrentUser] Person $person,
        Request $request,
        PhotoPieces $pieces,
    ): JsonResponse {
        $fields = $request->getPayload();
        $run = $this->run($id, $person, $fields->getString('run'));
        try {
            return new JsonResponse([
                'have' => $pieces->take(
                    $run,
                    $fields->getString('key'),
                    (int) $fields->getString('offset'),
                    $fields->getString('piece'),
                ),
            ]);
        } catch (PhotosRefused $exception) {
            return new JsonResponse(['error' => $exception->getMessage()], Response::HTTP_TOO_MANY_REQUESTS);
        }
    }

    /** The step at hand is done, told without scripts. */
    #[Route('/done', name: 'done', methods: ['POST'])]
    #[IsCsrfTokenValid('frame')]
    public function done(
        Ulid $id,
        #[CurrentUser] Person $person,
        Request $request,
        LogBook $book,
        ClockInterface $clock,
    ): Response {
        $step = $request->getPayload()->getString('step');
        if (1 === preg_match('/^[a-z0-9-]{1,60}$/', $step)) {
            $book->write($this->run($id, $person), [
                new JournalEntry((string) new Ulid(), EntryKind::Done, $step, $clock->now(), person: $person->name()),
            ]);
        }

        return $this->redirectToRoute('app_frame_show', ['id' => $id], Response::HTTP_SEE_OTHER);
    }

    /** What the followers of another school do instead, of the question that a step answers. */
    #[Route('/other/{step}/{word}', name: 'other', methods: ['GET'])]
    public function other(Ulid $id, string $step, string $word, #[CurrentUser] Person $person): Response
    {
        $view = $this->views->open($this->run($id, $person));
        $school = $view->steps->steps[$view->steps->placeOf($step) ?? -1]->school ?? null;
        $answer = null === $school ? null : $school::tryFrom($word);

        return null === $answer
            ? throw $this->createNotFoundException()
            : $this->render('frame/_other.html.twig', [
                'steps' => (new OtherSchool())->steps($view->setup, $view->steps, $answer),
            ]);
    }

    /** Where the top is drifting to, and what the last readings ask for. */
    #[Route('/drift', name: 'drift', methods: ['GET'])]
    #[KeptUntilChanged]
    public function drift(Ulid $id, #[CurrentUser] Person $person, FramePictures $pictures): Response
    {
        $view = $this->views->open($this->run($id, $person));

        return $this->render('frame/_drift.html.twig', [
            'view' => $view,
            'bed' => $pictures->log($view, $this->units->system()),
        ]);
    }

    /** Takes the quilt's sheet as it is by now for what is still to be done. */
    #[Route('/replan', name: 'replan', methods: ['POST'])]
    #[IsCsrfTokenValid('frame')]
    public function replan(
        Ulid $id,
        #[CurrentUser] Person $person,
        Starting $starting,
        LogBook $book,
        ClockInterface $clock,
    ): Response {
        $quilt = $this->quilt($id, $person);
        $run = $this->run($id, $person);
        $subject = $starting->subject($quilt);
        if (null !== $subject) {
            $run->freeze($subject);
            $book->write($run, [
                new JournalEntry((string) new Ulid(), EntryKind::Replan, null, $clock->now(), person: $person->name()),
            ]);
            $this->runs->save();
        }

        return $this->redirectToRoute('app_frame_stitch', ['id' => $id], Response::HTTP_SEE_OTHER);
    }

    #[Route('/photo/{photo}', name: 'photo', methods: ['GET'])]
    public function photo(
        Ulid $id,
        Ulid $photo,
        #[CurrentUser] Person $person,
        Request $request,
        PhotoRepository $photos,
    ): Response {
        $found = $photos->findOneOf($this->quilt($id, $person), $photo) ?? throw $this->createNotFoundException();

        if ($found->isRaw()) {
            return (new Response(
                $this->renderView('frame/_photo_soon.svg.twig'),
                headers: [
                    'Content-Type' => 'image/svg+xml',
                ],
            ))->setPrivate();
        }

        return (new Response(
            $request->query->has('small') ? $found->small() : $found->jpeg(),
            headers: ['Content-Type' => 'image/jpeg'],
        ))
            ->setPrivate()
            ->setMaxAge(86400);
    }

    private function answer(Run $run, int $after, LogEntryRepository $log): JsonResponse
    {
        $rows = $log->findAfter($run, $after);

        return new JsonResponse([
            'run' => (string) $run->id(),
            'ended' => null !== $run->ended(),
            'entries' => array_map(static fn(LogEntry $row): array => EntryDocument::of($row->entry()), $rows),
            'last' => [] === $rows ? $after : $rows[\count($rows) - 1]->id(),
            // A device that knows of more than that learns that something was forgotten here.
            ...$log->tally($run),
        ]);
    }

    /**
     * The run that a device speaks of: what it kept of one is never written into the next. Where it names none, the
     * latest.
     */
    private function run(Ulid $id, Person $person, string $named = ''): Run
    {
        $quilt = $this->quilt($id, $person);
        $run = Ulid::isValid($named)
            ? $this->runs->findOneBy(['quilt' => $quilt, 'id' => Ulid::fromString($named)])
            : $this->runs->findLatest($quilt);

        return $run ?? throw $this->createNotFoundException();
    }

    private function quilt(Ulid $id, Person $person): Quilt
    {
        return $this->quilts->findOneOf($person->studio(), $id) ?? throw $this->createNotFoundException();
    }
}
