<?php

declare(strict_types=1);

namespace App\Bench;

use App\Account\Person;
use App\Account\Studio;
use App\AtTheFrame\OnFrame;
use App\AtTheFrame\OnFrames;
use App\Bench\Chores\StudioChoreRepository;
use App\Bench\Chores\Today;
use App\Bench\Drawing\RailDrawer;
use App\Bench\Plan\BenchPlan;
use App\Bench\Plan\BenchPlanRepository;
use App\Bench\Plan\PlanRead;
use App\Bench\Plan\QueueChanges;
use App\Frames\StudioFrameRepository;
use App\Platform\Kept\KeptUntilChanged;
use App\Quilt\QuiltRepository;
use Psr\Clock\ClockInterface;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpFoundation\Session\FlashBagAwareSessionInterface;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Symfony\Component\Uid\Ulid;

/** The home: the frames with what is on them and the queue behind, what is to be done, and every quilt as a list. */
final class BenchController extends AbstractController
{
    private const LAST_PAGE = 10_000;
    /** The clock goes on: a queue is worked out anew when somebody looks at one that is older. */
    private const FRESH_MINUTES = 15;
    /** One that is awaited for so long may have been asked for in vain. */
    private const LATE_MINUTES = 1;

    public function __construct(
        private readonly QuiltRepository $quilts,
        private readonly StudioFrameRepository $frames,
        private readonly BenchPlanRepository $plans,
        private readonly OnFrames $onFrames,
        private readonly QueueChanges $changes,
        private readonly Today $today,
        private readonly StudioChoreRepository $chores,
        private readonly BenchMemory $memory,
        private readonly ClockInterface $clock,
    ) {}

    #[Route('/', name: 'app_bench_index', methods: ['GET'])]
    #[KeptUntilChanged(minutes: 2)]
    public function index(#[CurrentUser] Person $person, Request $request): Response
    {
        $studio = $person->studio();
        $filter = ShelfFilter::from($request);
        $page = min(self::LAST_PAGE, max(1, (int) $request->query->getString('page', '1')));
        if (self::isFragment($request)) {
            return (new Response($this->shelf($person, $filter, $page)))->setVary('HX-Request');
        }
        $now = $this->clock->now();
        $state = $this->plans->state($studio);
        // The first one, and one that is older than it should be, is asked for by whoever looks.
        if ($state->isOlderThan(self::FRESH_MINUTES, $now) && $this->memory->isFirstThisMinute($studio)) {
            $this->changes->ask($studio->id(), true);
        }
        $isDrawn = 'drawing' === $request->query->getString('view');
        $typed = $this->typed($request);
        $top = fn(): string => $this->top($person, $isDrawn, $typed);
        $list = fn(): string => $this->shelf($person, $filter, $page);
        $body =
            (null === $typed ? $this->memory->part($isDrawn ? 'drawn' : 'listed', $person, $state, $top) : $top()) .
            ([] === $filter->query() && 1 === $page ? $this->memory->part('all', $person, $state, $list) : $list());

        return $this->render('bench/index.html.twig', ['body' => $body])->setVary('HX-Request');
    }

    /** Asked for while the queue is being worked out: empty while it still is, then the page is loaded anew. */
    #[Route('/bench/age', name: 'app_bench_age', methods: ['GET'], priority: 1)]
    public function age(#[CurrentUser] Person $person): Response
    {
        $studio = $person->studio();
        $state = $this->plans->state($studio);
        $isStale = $state->isStale();
        $isLate = $isStale && $state->isOlderThan(self::LATE_MINUTES, $this->clock->now());
        if ($isLate && $this->memory->isFirstThisMinute($studio)) {
            $this->changes->askAgain($studio->id());
        }

        return new Response(
            status: $isStale ? Response::HTTP_NO_CONTENT : Response::HTTP_OK,
            headers: $isStale ? [] : ['HX-Refresh' => 'true'],
        );
    }

    /** @param array{text: string, by: string, fault: string}|null $typed a task that could not be taken in */
    private function top(Person $person, bool $isDrawn, ?array $typed): string
    {
        $studio = $person->studio();
        $now = $this->clock->now();
        $kept = $this->plans->of($studio);
        $plan = $this->plan($kept);
        [$frames, $loaded] = [$this->frames->findOf($studio), $this->onFrames->of($studio)];
        $clock = WallClock::of($studio, $now);

        return $this->renderView('bench/_top.html.twig', [
            'frames' => $frames,
            'loaded' => $loaded,
            'now' => $now,
            'plan' => $plan,
            'kept' => $kept,
            'rail' => null === $plan || [] === $frames ? null : (new RailDrawer($plan, $now))->draw($loaded),
            'todos' => $this->today->of($studio, $plan, $clock, $person->units()),
            'done' => $this->chores->findDone($studio, $clock->moment(0)),
            'isDrawn' => $isDrawn,
            'typed' => $typed,
        ]);
    }

    private function shelf(Person $person, ShelfFilter $filter, int $page): string
    {
        $studio = $person->studio();
        $plan = $this->plan($this->plans->of($studio));

        return $this->renderView('bench/_shelf.html.twig', [
            'shelf' => $this->quilts->findShelf(
                $studio,
                $filter,
                $page,
                $person->units(),
                $this->meant($filter, $studio, $plan),
            ),
            'frames' => $this->frames->findOf($studio),
            'plan' => $plan,
        ]);
    }

    private function plan(BenchPlan $kept): ?PlanRead
    {
        return [] === $kept->plan() ? null : new PlanRead($kept->plan(), $kept->studio->timeZone());
    }

    /** @return array{text: string, by: string, fault: string}|null */
    private function typed(Request $request): ?array
    {
        /** @var list<array{text: string, by: string, fault: string}> $all */
        $all =
            $request->getSession() instanceof FlashBagAwareSessionInterface
                ? $request->getSession()->getFlashBag()->get('task')
                : [];

        return $all[0] ?? null;
    }

    /** @return list<Ulid> those of whose trouble the records of quilts know nothing */
    private function meant(ShelfFilter $filter, Studio $studio, ?PlanRead $plan): array
    {
        return match ($filter->trouble) {
            'late' => array_map(
                static fn(array $placed): Ulid => new Ulid($placed['id']),
                array_values(
                    array_filter($plan?->placed() ?? [], static fn(array $placed): bool => $placed['daysLate'] > 0),
                ),
            ),
            'parked' => array_map(
                static fn(OnFrame $one): Ulid => $one->quilt,
                array_values(
                    array_filter($this->onFrames->of($studio), static fn(OnFrame $one): bool => null !== $one->parked),
                ),
            ),
            default => [],
        };
    }

    private static function isFragment(Request $request): bool
    {
        return $request->headers->has('HX-Request') && !$request->headers->has('HX-History-Restore-Request');
    }
}
