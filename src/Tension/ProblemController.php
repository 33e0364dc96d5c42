<?php

declare(strict_types=1);

namespace App\Tension;

use App\Account\Person;
use App\AtTheFrame\EntryReader;
use App\AtTheFrame\LogBook;
use App\AtTheFrame\LogLines;
use App\AtTheFrame\MomentMs;
use App\AtTheFrame\Run;
use App\AtTheFrame\RunRepository;
use App\AtTheFrame\RunViews;
use App\Measure\CurrentUnits;
use App\Quilt\QuiltRepository;
use Psr\Clock\ClockInterface;
use Schwung\Core\Running\JournalEntry;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;
use Symfony\Component\Uid\Ulid;

/** Why a problem is there: the likeliest causes, what to look for, the test that tells, and what helped. */
#[Route('/quilts/{id}/problem/{key}', name: 'app_tension_', requirements: ['key' => '[0-9A-Za-z-]{10,36}'])]
final class ProblemController extends AbstractController
{
    public function __construct(
        private readonly QuiltRepository $quilts,
        private readonly RunRepository $runs,
        private readonly RunViews $views,
        private readonly Inquiries $inquiries,
        private readonly CurrentUnits $units,
        private readonly TensionRoom $room,
    ) {}

    #[Route('', name: 'problem', methods: ['GET'])]
    public function problem(Ulid $id, string $key, #[CurrentUser] Person $person): Response
    {
        $inquiry =
            $this->inquiries->open($this->views->open($this->run($id, $key, $person)), $key) ??
            throw $this->createNotFoundException();

        return $this->render('tension/problem.html.twig', [
            'inquiry' => $inquiry,
            'quilt' => $inquiry->view->run->quilt,
            'tried' => $this->tried($inquiry),
            'lines' => array_map(
                fn(JournalEntry $entry): string => (new LogLines($this->units->writer()))->text($entry, $inquiry->view),
                $inquiry->about,
            ),
        ]);
    }

    /** An answer: a symptom that was looked for, a test that was made, or a remedy that was tried. */
    #[Route('/{kind}', name: 'answer', requirements: ['kind' => 'looked|tested|fixed'], methods: ['POST'])]
    #[IsCsrfTokenValid('problem')]
    public function answer(
        Ulid $id,
        string $key,
        string $kind,
        #[CurrentUser] Person $person,
        Request $request,
        LogBook $book,
        ClockInterface $clock,
    ): Response {
        $run = $this->run($id, $key, $person);
        $fields = $request->getPayload();
        $isYes = 'yes' === $fields->getString('is');
        $entry = [
            'key' => $fields->getString('once'),
            'kind' => $kind,
            'step' => null,
            'at' => MomentMs::of($clock->now()),
            'data' => [
                'of' => $key,
                'symptom' => $fields->getString('symptom'),
                'cause' => $fields->getString('cause'),
                'action' => $fields->getString('action'),
                'seen' => $isYes,
                'proved' => $isYes,
                'worked' => $isYes,
            ],
        ];
        $book->write($run, (new EntryReader($person->name(), 0, $clock->now(), $run->started))->take([$entry]));

        return $this->redirectToRoute('app_tension_problem', ['id' => $id, 'key' => $key], Response::HTTP_SEE_OTHER);
    }

    /** @return list<Remedy> against this symptom on this frame before */
    private function tried(Inquiry $inquiry): array
    {
        [$frame, $seen] = [$inquiry->view->run->quilt->frame(), $inquiry->seen()];

        return null === $frame || null === $seen ? [] : $this->room->tried($frame, $seen);
    }

    private function run(Ulid $id, string $key, Person $person): Run
    {
        $quilt = $this->quilts->findOneOf($person->studio(), $id) ?? throw $this->createNotFoundException();

        return $this->runs->findWithEntry($quilt, $key) ?? throw $this->createNotFoundException();
    }
}
