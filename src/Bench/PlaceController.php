<?php

declare(strict_types=1);

namespace App\Bench;

use App\Account\Person;
use App\Bench\Gangs\RiderPlaces;
use App\Bench\Plan\BenchPlanRepository;
use App\Bench\Plan\PlanRead;
use App\Bench\Plan\QueuePin;
use App\Bench\Plan\QueuePinRepository;
use App\Bench\Plan\Trying;
use App\Frames\StudioFrame;
use App\Frames\StudioFrameRepository;
use App\Measure\CurrentUnits;
use App\Quilt\Quilt;
use App\Quilt\QuiltRepository;
use App\Quilt\SheetChanges;
use Psr\Clock\ClockInterface;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\ParameterBag;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;
use Symfony\Component\Uid\Ulid;

/** Where one waiting quilt stands in the queue, what another place would mean, and putting it there. */
#[Route('/bench/{id}', name: 'app_bench_place')]
final class PlaceController extends AbstractController
{
    private const LAST = 1000;

    public function __construct(
        private readonly QuiltRepository $quilts,
        private readonly StudioFrameRepository $frames,
        private readonly QueuePinRepository $pins,
        private readonly BenchPlanRepository $plans,
        private readonly Trying $trying,
        private readonly RiderPlaces $places,
        private readonly CurrentUnits $units,
        private readonly ClockInterface $clock,
    ) {}

    #[Route('', name: '', methods: ['GET'])]
    public function show(Ulid $id, #[CurrentUser] Person $person): Response
    {
        return $this->page($this->quilt($id, $person), $person);
    }

    /** Answers before anything is let go: as words for a script, or with the page for whoever has none. */
    #[Route('/try', name: '_try', methods: ['GET'])]
    public function try(Ulid $id, #[CurrentUser] Person $person, Request $request): Response
    {
        $quilt = $this->quilt($id, $person);
        [$frame, $place] = $this->whereIn($request->query, $person);
        if (null === $frame) {
            return new JsonResponse(['fits' => false, 'words' => ['That frame is not here any more.']]);
        }
        $tried = $this->trying->at($quilt, (string) $frame->id(), $place, $this->units->system());

        return new JsonResponse(['fits' => $tried->fits, 'words' => $tried->words(), 'short' => $tried->short]);
    }

    /** Puts it there: it stays so, whatever the queue would rather. */
    #[Route('/put', name: '_put', methods: ['POST'])]
    #[IsCsrfTokenValid('bench')]
    public function put(Ulid $id, #[CurrentUser] Person $person, Request $request, SheetChanges $changes): Response
    {
        $quilt = $this->quilt($id, $person);
        $payload = $request->getPayload();
        [$frame, $place] = $this->whereIn($payload, $person);
        if (null === $frame) {
            return $this->page($quilt, $person, ['frame' => 'That frame is not here any more. Choose another.']);
        }
        if (!$this->trying->at($quilt, (string) $frame->id(), $place, $this->units->system())->fits) {
            return $this->page($quilt, $person, [
                'frame' => "It cannot be loaded on {$frame->name()}: see below what is in the way.",
            ]);
        }
        $this->makeRoom($quilt, $frame, $place, $person);
        $pin = $this->pins->of($quilt);
        $pin->put($frame, $place, $person->name(), $this->clock->now());
        $this->pins->keep($pin);
        if ($quilt->frame() !== $frame) {
            $quilt->describe($quilt->title(), $quilt->client(), $quilt->due(), $frame);
            $changes->judge($quilt);
        }
        $this->addFlash(
            'done',
            "{$quilt->title()} is pinned: number $place on {$frame->name()}. The queue goes round it.",
        );

        return $this->back($request, $quilt);
    }

    /** What the queue cannot know of it: not before, how much it matters, its thread. */
    #[Route('/ask', name: '_ask', methods: ['POST'])]
    #[IsCsrfTokenValid('bench')]
    public function ask(Ulid $id, #[CurrentUser] Person $person, Request $request): Response
    {
        $quilt = $this->quilt($id, $person);
        $payload = $request->getPayload();
        $typed = trim($payload->getString('not_before'));
        $notBefore = Typed::moment($typed);
        if ('' !== $typed && null === $notBefore) {
            return $this->page($quilt, $person, [
                'not_before' => 'This is no day and hour. Write it like 2027-03-05T09:00.',
            ]);
        }
        $weight = $payload->getInt('weight', 1);
        $pin = $this->pins->of($quilt);
        $pin->ask(
            $notBefore,
            isset(QueuePin::WEIGHTS[$weight]) ? $weight : 1,
            mb_substr(trim(mb_scrub($payload->getString('thread'), 'UTF-8')), 0, 60),
        );
        $this->pins->keep($pin);
        $this->addFlash('done', 'The queue keeps to it.');

        return $this->back($request, $quilt);
    }

    /** Left to the queue again. */
    #[Route('/let-go', name: '_let_go', methods: ['POST'])]
    #[IsCsrfTokenValid('bench')]
    public function letGo(Ulid $id, #[CurrentUser] Person $person, Request $request): Response
    {
        $quilt = $this->quilt($id, $person);
        $pin = $this->pins->of($quilt);
        $pin->letGo();
        $this->pins->keep($pin);
        $this->addFlash('done', "{$quilt->title()} is left to the queue again.");

        return $this->back($request, $quilt);
    }

    /** Promised for a later day. */
    #[Route('/due', name: '_due', methods: ['POST'])]
    #[IsCsrfTokenValid('bench')]
    public function due(Ulid $id, #[CurrentUser] Person $person, Request $request): Response
    {
        $quilt = $this->quilt($id, $person);
        $day = Typed::day($request->getPayload()->getString('due'));
        if (null === $day) {
            return $this->page($quilt, $person, ['due' => 'This is not a day. Write it like 2027-03-12.']);
        }
        $quilt->describe($quilt->title(), $quilt->client(), $day, $quilt->frame());
        $this->quilts->save();
        $this->addFlash('done', "{$quilt->title()} is due {$day->format('j M')} now. Tell the client.");

        return $this->back($request, $quilt);
    }

    /** Those that are pinned to this place or behind it stand one farther back. */
    private function makeRoom(Quilt $quilt, StudioFrame $frame, int $place, Person $person): void
    {
        $taken = $place;
        foreach ($this->pins->findWaiting($person->studio()) as $other) {
            if ($other->quilt !== $quilt && $other->frame() === $frame && $other->place() === $taken) {
                $other->moveTo(++$taken);
            }
        }
    }

    private function quilt(Ulid $id, Person $person): Quilt
    {
        return $this->quilts->findOneOf($person->studio(), $id) ?? throw $this->createNotFoundException();
    }

    /** @return array{StudioFrame|null, int} frame and place of a word like "01ARZ… 3" */
    private function whereIn(ParameterBag $told, Person $person): array
    {
        $parts = explode(' ', $told->getString('at'), 2);
        $frame = Ulid::isValid($parts[0]) ? $this->frames->findOneOf($person->studio(), new Ulid($parts[0])) : null;

        return [$frame, max(1, min(self::LAST, (int) ($parts[1] ?? '1')))];
    }

    /** @return list<array{name: string, places: list<array{value: string, words: string, isHere: bool}>}> by frame */
    private function lanes(Quilt $quilt, ?PlanRead $plan, Person $person): array
    {
        $lanes = [];
        foreach ($this->frames->findOf($person->studio()) as $frame) {
            $id = (string) $frame->id();
            [$before, $places] = [null, []];
            $others = $plan?->placedOn($id) ?? [];
            $isHere = false;
            foreach ($others as $standing) {
                if ($standing['id'] === (string) $quilt->id()) {
                    // It stands where it is told to begin: behind the same one.
                    $isHere = true;
                    continue;
                }
                $places[] = $this->place($id, \count($places) + 1, $before, $isHere, $plan);
                [$before, $isHere] = [$standing['id'], false];
            }
            $places[] = $this->place($id, \count($places) + 1, $before, $isHere, $plan);
            $lanes[] = ['name' => $frame->name(), 'places' => $places];
        }

        return $lanes;
    }

    /** @return array{value: string, words: string, isHere: bool} */
    private function place(string $frame, int $number, ?string $before, bool $isHere, ?PlanRead $plan): array
    {
        return [
            'value' => "$frame $number",
            'words' => null === $before ? 'next' : 'after ' . ($plan?->title($before) ?? ''),
            'isHere' => $isHere,
        ];
    }

    private function back(Request $request, Quilt $quilt): Response
    {
        return 'place' === $request->getPayload()->getString('back')
            ? $this->redirectToRoute('app_bench_place', ['id' => $quilt->id()], Response::HTTP_SEE_OTHER)
            : $this->redirectToRoute('app_bench_index', [], Response::HTTP_SEE_OTHER);
    }

    /** @param array<string, string> $faults by the name of the field */
    private function page(Quilt $quilt, Person $person, array $faults = []): Response
    {
        $plan = $this->plans->of($person->studio());
        $document = $plan->plan();
        $read = [] === $document ? null : new PlanRead($document, $person->studio()->timeZone());

        return $this->render(
            'bench/place.html.twig',
            [
                'quilt' => $quilt,
                'plan' => $read,
                'lanes' => $this->lanes($quilt, $read, $person),
                'pin' => $this->pins->of($quilt),
                'frames' => $this->frames->findOf($person->studio()),
                'weights' => QueuePin::WEIGHTS,
                'riders' => $this->places->of($quilt),
                'faults' => $faults,
            ],
            [] === $faults ? null : new Response(status: Response::HTTP_UNPROCESSABLE_ENTITY),
        );
    }
}
