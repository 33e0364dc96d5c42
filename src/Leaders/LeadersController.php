<?php

declare(strict_types=1);

namespace App\Leaders;

use App\Account\Person;
use App\Frames\StudioFrame;
use App\Frames\StudioFrameRepository;
use App\Measure\CurrentUnits;
use Psr\Clock\ClockInterface;
use Schwung\Core\Frame\FrameMeasure;
use Schwung\Core\Leader\CommonTilt;
use Schwung\Core\Leader\HangingLeader;
use Schwung\Core\Leader\LeaderWork;
use Schwung\Core\Leader\NewLeader;
use Schwung\Core\Measure\Exception\UnreadableLength;
use Schwung\Core\Measure\Length;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;
use Symfony\Component\Uid\Ulid;

/** The leaders of one frame: what hung from them, how straight they are, and how to make them anew. */
#[Route('/frames/{frame}/leaders', name: 'app_leaders_')]
final class LeadersController extends AbstractController
{
    public function __construct(
        private readonly StudioFrameRepository $frames,
        private readonly StudioLeaderRepository $leaders,
        private readonly CurrentUnits $units,
    ) {}

    #[Route('', name: 'index', methods: ['GET'])]
    public function index(Ulid $frame, #[CurrentUser] Person $person): Response
    {
        return $this->page($this->frame($frame, $person), null, '', null);
    }

    #[Route('/{roller}/check', name: 'check', methods: ['POST'])]
    #[IsCsrfTokenValid('leaders')]
    public function check(
        Ulid $frame,
        Roller $roller,
        #[CurrentUser] Person $person,
        Request $request,
        ClockInterface $clock,
    ): Response {
        $studioFrame = $this->frame($frame, $person);
        $leader = $this->leader($studioFrame, $roller);
        $text = mb_substr($request->getPayload()->getString('readings'), 0, 2000);
        try {
            $readings = (new ReadingLines($this->units->system()))->read($text, $this->width($studioFrame));
        } catch (\InvalidArgumentException $exception) {
            return $this->page($studioFrame, $roller, $text, $exception->getMessage());
        }
        $leader->inspect(new LeaderInspection($leader, $clock->now(), $readings));
        $this->leaders->keep($leader);
        $this->addFlash('draft', "leader-$frame-{$roller->value}");
        $this->addFlash('done', 'The check is written down.');

        return $this->redirectToRoute('app_leaders_index', ['frame' => $frame], Response::HTTP_SEE_OTHER);
    }

    #[Route('/{roller}/casing', name: 'casing', methods: ['POST'])]
    #[IsCsrfTokenValid('leaders')]
    public function casing(Ulid $frame, Roller $roller, #[CurrentUser] Person $person, Request $request): Response
    {
        $leader = $this->leader($this->frame($frame, $person), $roller);
        $leader->sewCasing('1' === $request->getPayload()->getString('casing'));
        $this->leaders->keep($leader);

        return $this->redirectToRoute('app_leaders_index', ['frame' => $frame], Response::HTTP_SEE_OTHER);
    }

    /** What to mark at each station before the leader is hemmed again. */
    #[Route('/{roller}/re-hem', name: 're_hem', methods: ['GET'])]
    public function reHem(Ulid $frame, Roller $roller, #[CurrentUser] Person $person, Request $request): Response
    {
        $studioFrame = $this->frame($frame, $person);
        $leader = $this->leader($studioFrame, $roller);
        $view = $this->view($studioFrame, $leader, null, '', null);

        return $this->render('leaders/re_hem.html.twig', [
            'frame' => $studioFrame,
            'view' => $view,
            'common' => $this->common($studioFrame),
            'isMeasured' => $request->query->getBoolean('measured'),
        ]);
    }

    /** How it is sewn while it hangs: the line that it is checked by, a casing, a pocket. */
    #[Route('/{roller}/sew/{work}', name: 'sew', requirements: ['work' => 'line|casing|pocket'], methods: ['GET'])]
    public function sew(Ulid $frame, Roller $roller, LeaderWork $work, #[CurrentUser] Person $person): Response
    {
        $studioFrame = $this->frame($frame, $person);
        $leader = $this->leader($studioFrame, $roller);

        return $this->render('leaders/sew.html.twig', [
            'frame' => $studioFrame,
            'leader' => $leader,
            'work' => $work,
            'steps' => (new HangingLeader($studioFrame->measures(), $roller->hangsForward()))->steps($work),
        ]);
    }

    /** What to cut for a new leader, with its fold line and its marks. */
    #[Route('/{roller}/new', name: 'new', methods: ['GET'])]
    public function new(Ulid $frame, Roller $roller, #[CurrentUser] Person $person, Request $request): Response
    {
        $studioFrame = $this->frame($frame, $person);
        $leader = $this->leader($studioFrame, $roller);
        [$hasCasing, $isUnwashed] = [
            $request->query->getBoolean('casing', $leader->hasCasing()),
            $request->query->getBoolean('unwashed', true),
        ];
        $text = mb_substr($request->query->getString('reaches'), 0, 40);
        [$reaches, $fault] = $this->reaches($text, $studioFrame);
        $sheet = new NewLeader(
            $studioFrame->measures(),
            $hasCasing,
            $isUnwashed,
            $person->studio()->practice()->canvasShrinksPerCent,
        );

        return $this->render('leaders/new.html.twig', [
            'frame' => $studioFrame,
            'leader' => $leader,
            'text' => '' === $text ? $this->units->writer()->write($reaches) : $text,
            'fault' => $fault,
            'casing' => $hasCasing,
            'unwashed' => $isUnwashed,
            'drawing' => (new CasingDrawing())->draw($sheet),
            'sheet' => $sheet,
            'reaches' => $reaches,
        ]);
    }

    private function common(StudioFrame $frame): ?CommonTilt
    {
        return $this->leaders->ofFrame($frame)->commonTilt($frame->measures()->bed());
    }

    private function frame(Ulid $id, Person $person): StudioFrame
    {
        return $this->frames->findOneOf($person->studio(), $id) ?? throw $this->createNotFoundException();
    }

    private function leader(StudioFrame $frame, Roller $roller): StudioLeader
    {
        return $this->leaders->ofFrame($frame)->all[$roller->value] ??
            throw $this->createNotFoundException('This frame has no such leader.');
    }

    private function width(StudioFrame $frame): Length
    {
        return $frame->measures()->leaderWidth() ?? $frame->measures()->size(FrameMeasure::Rail);
    }

    /** @return array{Length, string|null} what was entered or the frame's bed, and what is wrong with the entry */
    private function reaches(string $text, StudioFrame $frame): array
    {
        $usual = $frame->measures()->bed()->plus(Length::inches(6));
        if ('' === $text) {
            return [$usual, null];
        }
        try {
            $length = $this->units->writer()->read($text);
        } catch (UnreadableLength $exception) {
            return [$usual, $exception->getMessage()];
        }

        return $length->isPositive() && !$length->isLongerThan(Length::inches(300))
            ? [$length, null]
            : [$usual, 'A length above zero and up to 300 in or 762 cm.'];
    }

    private function view(
        StudioFrame $frame,
        StudioLeader $leader,
        ?Roller $entered,
        string $text,
        ?string $fault,
    ): LeaderView {
        $check = $leader->lastInspection()?->check($frame->measures()->bed());
        $label = \sprintf('Leader on the %s: %d loads.', $leader->roller->words(), \count($leader->loads()));

        return new LeaderView(
            $leader,
            (new LeaderStrip($this->units->system()))->draw($this->width($frame), $leader->pastLoads(), $check, $label),
            $this->width($frame)->half(),
            $check,
            $entered === $leader->roller ? $text : '',
            $entered === $leader->roller ? $fault : null,
        );
    }

    private function page(StudioFrame $frame, ?Roller $entered, string $text, ?string $fault): Response
    {
        $views = array_map(
            fn(StudioLeader $leader): LeaderView => $this->view($frame, $leader, $entered, $text, $fault),
            array_values($this->leaders->ofFrame($frame)->all),
        );

        return $this->render(
            'leaders/index.html.twig',
            ['frame' => $frame, 'views' => $views, 'common' => $this->common($frame)],
            new Response(status: null === $fault ? Response::HTTP_OK : Response::HTTP_UNPROCESSABLE_ENTITY),
        );
    }
}
