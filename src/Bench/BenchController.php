<?php

declare(strict_types=1);

namespace App\Bench;

use App\Account\Person;
use App\AtTheFrame\OnFrames;
use App\Frames\StudioFrameRepository;
use App\Quilt\QuiltRepository;
use App\Tension\StudioTaskRepository;
use Psr\Clock\ClockInterface;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;

/** The home: every quilt on the shelf with what stands between it and the frame. */
final class BenchController extends AbstractController
{
    private const LAST_PAGE = 10_000;
    private const MOST_PROMISED = 8;

    #[Route('/', name: 'app_bench_index', methods: ['GET'])]
    public function index(
        #[CurrentUser] Person $person,
        Request $request,
        QuiltRepository $quilts,
        StudioFrameRepository $frames,
        StudioTaskRepository $tasks,
        OnFrames $onFrames,
        ClockInterface $clock,
    ): Response {
        $search = mb_substr(trim($request->query->getString('q')), 0, 80);
        $page = min(self::LAST_PAGE, max(1, (int) $request->query->getString('page', '1')));
        $shelf = $quilts->findShelf($person->studio(), $search, $page, $person->units());

        return $request->headers->has('HX-Request') && !$request->headers->has('HX-History-Restore-Request')
            ? $this->renderBlock('bench/index.html.twig', 'shelf', ['shelf' => $shelf])->setVary('HX-Request')
            : $this->render('bench/index.html.twig', [
                'shelf' => $shelf,
                'frames' => $frames->findOf($person->studio()),
                'promised' => $quilts->findPromised($person->studio(), self::MOST_PROMISED),
                'tasks' => $tasks->findOpen($person->studio()),
                'loaded' => $onFrames->of($person->studio()),
                'now' => $clock->now(),
            ])->setVary('HX-Request');
    }
}
