<?php

declare(strict_types=1);

namespace App\Bench\Gangs;

use App\Account\Person;
use App\AtTheFrame\RunRepository;
use App\Bench\Plan\Queues;
use App\Bench\Plan\StudioQueue;
use App\Quilt\NewQuilt;
use App\Quilt\Quilt;
use App\Quilt\QuiltEntry;
use App\Quilt\QuiltRepository;
use Schwung\Core\Queue\Gang;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;
use Symfony\Component\Uid\Ulid;

/** Makes one load of several quilts, and parts it again while it is not on a frame. */
#[IsCsrfTokenValid('bench')]
final class GangController extends AbstractController
{
    private const MOST_LETTERS = 120;

    public function __construct(private readonly QuiltRepository $quilts, private readonly RunRepository $runs) {}

    #[Route('/bench/gang', name: 'app_bench_gang', methods: ['POST'], priority: 1)]
    public function make(
        #[CurrentUser] Person $person,
        Request $request,
        Queues $queues,
        GangOffers $offers,
        QuiltEntry $entry,
    ): Response {
        $ids = $request->getPayload()->getString('ids');
        $known = $queues->of($person->studio());
        foreach ($offers->find($known) as $gang) {
            if ($ids === implode(' ', $gang->ids())) {
                $carrier = $entry->enter(
                    $person->studio(),
                    $this->input($known, $gang),
                    GangSheet::of($gang, $known->quilts[$gang->tops[0]->id]->sheet()),
                );
                foreach ($gang->stations() as $i => $station) {
                    $known->quilts[$gang->tops[$i]->id]->rideIn($carrier, $station);
                }
                $this->quilts->save();
                $this->addFlash('done', 'They are one load now. Measure the backing that is for all of them.');

                return $this->redirectToRoute(
                    'app_quilt_stage',
                    ['id' => $carrier->id(), 'stage' => 'measure'],
                    Response::HTTP_SEE_OTHER,
                );
            }
        }
        $this->addFlash('done', 'Those quilts cannot be loaded together any more: something has changed since.');

        return $this->redirectToRoute('app_bench_index', status: Response::HTTP_SEE_OTHER);
    }

    #[Route('/bench/{id}/apart', name: 'app_bench_gang_apart', methods: ['POST'])]
    public function apart(Ulid $id, #[CurrentUser] Person $person): Response
    {
        $carrier = $this->quilts->findOneOf($person->studio(), $id) ?? throw $this->createNotFoundException();
        if ([] === $this->quilts->findCarried($carrier) || null !== $this->runs->findLatest($carrier)) {
            $this->addFlash('done', 'It is on its frame, or was: its tops come off one by one.');

            return $this->redirectToRoute('app_bench_place', ['id' => $id], Response::HTTP_SEE_OTHER);
        }
        $this->quilts->takeApart($carrier);
        $this->addFlash('done', 'Each is on the shelf by itself again.');

        return $this->redirectToRoute('app_bench_index', status: Response::HTTP_SEE_OTHER);
    }

    private function input(StudioQueue $known, Gang $gang): NewQuilt
    {
        $of = array_map(static fn(string $id): Quilt => $known->quilts[$id], $gang->ids());
        $input = new NewQuilt();
        $input->title = mb_substr(
            'Together: ' . implode(', ', array_map(static fn(Quilt $quilt): string => $quilt->title(), $of)),
            0,
            self::MOST_LETTERS,
        );
        $input->client = mb_substr(
            implode(', ', array_unique(array_map(static fn(Quilt $quilt): string => $quilt->client(), $of))),
            0,
            self::MOST_LETTERS,
        );
        $dues = array_filter(array_map(static fn(Quilt $quilt): ?\DateTimeImmutable => $quilt->due(), $of));
        $input->due = [] === $dues ? null : min($dues);
        $input->frame = $known->frames[$gang->frame];
        // The same quilts are one load, however often the button is pressed, until they have been on a frame.
        $been = (string) $this->runs->findLatest($of[0])?->id();
        $input->key = Quilt::GANG . substr(hash('sha256', implode(' ', [...$gang->ids(), $been])), 0, 30);

        return $input;
    }
}
