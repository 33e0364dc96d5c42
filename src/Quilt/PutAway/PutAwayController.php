<?php

declare(strict_types=1);

namespace App\Quilt\PutAway;

use App\Account\Person;
use App\Clients\Bag\IntakeRepository;
use App\Frames\StudioFrame;
use App\Frames\StudioFrameRepository;
use App\Quilt\NewQuilt;
use App\Quilt\Quilt;
use App\Quilt\QuiltEntry;
use App\Quilt\QuiltRepository;
use Psr\Clock\ClockInterface;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;
use Symfony\Component\Uid\Ulid;

/** Deletes, puts away and copies quilts, deletes frames that nothing uses, and brings back what was deleted. */
final class PutAwayController extends AbstractController
{
    public function __construct(
        private readonly QuiltRepository $quilts,
        private readonly PutAwayRepository $away,
        private readonly ClockInterface $clock,
    ) {}

    #[Route('/put-away', name: 'app_put_away', methods: ['GET'])]
    public function list(#[CurrentUser] Person $person): Response
    {
        return $this->render('put_away/index.html.twig', [
            'archived' => $this->away->findArchived($person->studio()),
            'quilts' => $this->away->findDeleted($person->studio(), Quilt::class),
            'frames' => $this->away->findDeleted($person->studio(), StudioFrame::class),
            'days' => PutAwayRepository::DAYS,
        ]);
    }

    #[
        Route(
            '/quilts/{id}/{step}',
            name: 'app_put_away_quilt',
            requirements: ['step' => 'delete|archive|unarchive'],
            methods: ['POST'],
        ),
    ]
    #[IsCsrfTokenValid('put-away')]
    public function quilt(Ulid $id, string $step, #[CurrentUser] Person $person): Response
    {
        $quilt = $this->quilts->findOneOf($person->studio(), $id) ?? throw $this->createNotFoundException();
        $hindrance = match (true) {
            'unarchive' === $step => null,
            $quilt->isLoaded() => 'It is on its frame: take it off first.',
            [] !== $this->quilts->findCarried($quilt) => 'It carries other quilts: take the load apart first.',
            null !== $quilt->carrier() => 'It is part of a load of several: take that apart first.',
            default => null,
        };
        if (null !== $hindrance) {
            $this->addFlash('fault', $hindrance);

            return $this->redirectToRoute('app_quilt_about', ['id' => $id], Response::HTTP_SEE_OTHER);
        }
        match ($step) {
            'delete' => $quilt->delete($this->clock->now()),
            'archive' => $quilt->archive($this->clock->now()),
            default => $quilt->unarchive(),
        };
        $this->away->save();
        $this->addFlash(
            'done',
            match ($step) {
                'delete' => "{$quilt->title()} is deleted. For " .
                    PutAwayRepository::DAYS .
                    ' days it can be brought back here.',
                'archive' => "{$quilt->title()} is put away.",
                default => "{$quilt->title()} is on the shelf again.",
            },
        );

        return $this->redirectToRoute('app_put_away', status: Response::HTTP_SEE_OTHER);
    }

    /** The same quilt once more, for a client who brings one like it: what is measured of the cloth goes along. */
    #[Route('/quilts/{id}/duplicate', name: 'app_put_away_duplicate', methods: ['POST'])]
    #[IsCsrfTokenValid('put-away')]
    public function duplicate(
        Ulid $id,
        #[CurrentUser] Person $person,
        Request $request,
        QuiltEntry $entry,
        IntakeRepository $intakes,
    ): Response {
        $quilt = $this->quilts->findOneOf($person->studio(), $id) ?? throw $this->createNotFoundException();
        if ($quilt->carriesOthers()) {
            $this->addFlash('fault', 'A load of several is made on the bench; copy its quilts one by one.');

            return $this->redirectToRoute('app_quilt_about', ['id' => $id], Response::HTTP_SEE_OTHER);
        }
        $key = $request->getPayload()->getString('key');
        $input = NewQuilt::of($quilt);
        [$input->title, $input->due, $input->key] = [
            mb_substr($quilt->title(), 0, 112) . ', again',
            null,
            Ulid::isValid($key) ? $key : (string) new Ulid(),
        ];
        $copy = $entry->enter($person->studio(), $input, $quilt->sheet()->forAnother());
        $intake = $intakes->of($copy);
        $bag = $intakes->of($quilt)->facts();
        // What came in the bag came with the first.
        $bag->came = [];
        $intake->write($bag);
        $intakes->keep($intake);

        return $this->redirectToRoute('app_quilt_about', ['id' => $copy->id()], Response::HTTP_SEE_OTHER);
    }

    #[Route('/frames/{id}/delete', name: 'app_put_away_frame', methods: ['POST'])]
    #[IsCsrfTokenValid('put-away')]
    public function frame(Ulid $id, #[CurrentUser] Person $person, StudioFrameRepository $frames): Response
    {
        $frame = $frames->findOneOf($person->studio(), $id) ?? throw $this->createNotFoundException();
        if ($this->away->isUsed($frame)) {
            $this->addFlash(
                'fault',
                'Quilts are or were on this frame: it stays, or their logs would hang in the air.',
            );

            return $this->redirectToRoute('app_frames_edit', ['id' => $id], Response::HTTP_SEE_OTHER);
        }
        $frame->delete($this->clock->now());
        $this->away->save();
        $this->addFlash(
            'done',
            "{$frame->name()} is deleted. For " . PutAwayRepository::DAYS . ' days it can be brought back here.',
        );

        return $this->redirectToRoute('app_put_away', status: Response::HTTP_SEE_OTHER);
    }

    #[
        Route(
            '/put-away/{what}/{id}/restore',
            name: 'app_put_away_restore',
            requirements: ['what' => 'quilt|frame'],
            methods: ['POST'],
        ),
    ]
    #[IsCsrfTokenValid('put-away')]
    public function restore(string $what, Ulid $id, #[CurrentUser] Person $person): Response
    {
        $deleted =
            $this->away->findOneDeleted(
                $person->studio(),
                'quilt' === $what ? Quilt::class : StudioFrame::class,
                $id,
            ) ?? throw $this->createNotFoundException();
        $deleted->restore();
        $this->away->save();
        $this->addFlash('done', 'It is back, with everything that belongs to it.');

        return $this->redirectToRoute('app_put_away', status: Response::HTTP_SEE_OTHER);
    }
}
