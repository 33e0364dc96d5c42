<?php

declare(strict_types=1);

namespace App\Shelf;

use App\Account\Person;
use App\Account\StudioRepository;
use App\Bench\Plan\BenchPlanRepository;
use App\Platform\Kept\KeptUntilChanged;
use App\Quilt\Drawing\CuttingDrawing;
use App\Shelf\Batting\ShelfBattingRepository;
use App\Shelf\Drawing\ShelfDrawer;
use App\Shelf\Drawing\ThreadDrawer;
use App\Shelf\Holding\HangingNow;
use App\Shelf\Thread\ShelfThread;
use App\Shelf\Thread\ShelfThreadRepository;
use Schwung\Core\Material\BattingKind;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;

/** What lies on the shelf: batting, thread, and what holds cloth to a frame. */
#[Route('/shelf', name: 'app_shelf_')]
final class ShelfController extends AbstractController
{
    public function __construct(
        private readonly ShelfPage $page,
        private readonly BenchPlanRepository $plans,
        private readonly Joining $joining,
    ) {}

    #[Route('', name: 'index', methods: ['GET'])]
    #[KeptUntilChanged]
    public function index(#[CurrentUser] Person $person, Request $request, ShelfBattingRepository $battings): Response
    {
        $studio = $person->studio();
        [$found, $isStale] = $this->plans->findOutlook($studio);
        $outlook = $found ?? new Outlook();
        $quilt = $request->query->getString('quilt');
        $kind = BattingKind::tryFrom($request->query->getString('kind'));
        $number = max(1, $request->query->getInt('page', 1));
        $need = $outlook->needs[$quilt] ?? null;
        $items = $this->page->items($studio, $kind, $need, $outlook, $number);
        [$shown, $hasMore] = [\array_slice($items, 0, ShelfPage::A_PAGE), \count($items) > ShelfPage::A_PAGE];
        $together = null === $need ? [] : $this->page->together($studio, $need, $outlook);
        $joined = $this->joining->offer($need, $together);

        return $this->render('shelf/index.html.twig', [
            'isStale' => null === $found || $isStale,
            'outlook' => $outlook,
            'quilt' => null === $need ? '' : $quilt,
            'kind' => $need->kind ?? $kind,
            'kinds' => BattingKind::cases(),
            'items' => $shown,
            'all' => $hasMore || $number > 1 ? $battings->countHere($studio, $need->kind ?? $kind) : \count($shown),
            'page' => $number,
            'hasMore' => $hasMore,
            'picture' => [] === $shown ? null : (new ShelfDrawer())->draw($shown),
            'labels' => $this->page->labels($studio, $outlook),
            'together' => $together,
            'layout' => null === $joined ? null : (new CuttingDrawing())->ofPieces($joined->layout),
        ]);
    }

    /** By what stands on a label, for whoever cannot read its code. */
    #[Route('/find', name: 'find', methods: ['GET'])]
    public function find(#[CurrentUser] Person $person, Request $request, ShelfBattingRepository $battings): Response
    {
        $label = trim($request->query->getString('label'));
        $number = preg_match('/^[rp]?\s*(\d{1,9})$/Di', $label, $parts) ? (int) $parts[1] : 0;
        $found = $battings->findOneByNumber($person->studio(), $number);
        if (null === $found) {
            $this->addFlash(
                'done',
                '' === $label ? 'Write what stands on the label, like P12.' : "No label says “{$label}”.",
            );

            return $this->redirectToRoute('app_shelf_index', status: Response::HTTP_SEE_OTHER);
        }

        return $this->redirectToRoute('app_shelf_batting_show', ['id' => $found->id()], Response::HTTP_SEE_OTHER);
    }

    #[Route('/threads', name: 'threads', methods: ['GET'])]
    public function threads(#[CurrentUser] Person $person, ShelfThreadRepository $threads): Response
    {
        return $this->render('shelf/threads.html.twig', [
            'threads' => array_map(
                static fn(ShelfThread $thread): array => [
                    'thread' => $thread,
                    'picture' => (new ThreadDrawer())->cone($thread),
                ],
                $threads->findHere($person->studio()),
            ),
        ]);
    }

    #[Route('/holding', name: 'holding', methods: ['GET'])]
    public function holding(#[CurrentUser] Person $person, HangingNow $hanging): Response
    {
        return $this->render('shelf/holding.html.twig', [
            'studio' => $person->studio(),
            'counts' => $hanging->counts($person->studio()),
        ]);
    }

    #[Route('/holding', name: 'lend', methods: ['POST'])]
    #[IsCsrfTokenValid('shelf')]
    public function lend(#[CurrentUser] Person $person, Request $request, StudioRepository $studios): Response
    {
        $does = '1' === $request->getPayload()->getString('lends');
        $person->studio()->lendPieces($does);
        $studios->save();
        $this->addFlash(
            'done',
            $does ? 'The frames lend each other their pieces.' : 'Each frame keeps its own pieces.',
        );

        return $this->redirectToRoute('app_shelf_holding', status: Response::HTTP_SEE_OTHER);
    }
}
