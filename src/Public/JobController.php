<?php

declare(strict_types=1);

namespace App\Public;

use App\Account\LinkSecret;
use App\AtTheFrame\PhotoShelf;
use App\AtTheFrame\PhotosRefused;
use App\Clients\Prep\PrepCards;
use App\Clients\Prep\PrepDates;
use App\Clients\Prep\PrepDrawer;
use App\Measure\CurrentUnits;
use App\Quilt\Preparations;
use Psr\Clock\ClockInterface;
use Schwung\Core\Measure\LengthWriter;
use Schwung\Core\Measure\UnitSystem;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\File\UploadedFile;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Uid\Ulid;

/** One quilt for its client: where it stands, what to bring, and a place to send measures, photos and words. */
#[
    Route(
        '/job/{id}/{secret}',
        name: 'app_public_job',
        requirements: ['id' => '[0-9A-HJKMNP-TV-Z]{26}', 'secret' => LinkSecret::PATTERN],
    ),
]
final class JobController extends AbstractController
{
    private const MOST_LETTERS = 2000;

    public function __construct(
        private readonly JobLinks $links,
        private readonly StudioFrontRepository $fronts,
        private readonly PublicThrottle $throttle,
        private readonly ProposalRepository $proposals,
        private readonly Preparations $preparations,
        private readonly PrepCards $cards,
        private readonly PrepDates $dates,
        private readonly PrepDrawer $drawer,
        private readonly JobStates $states,
        private readonly CurrentUnits $units,
    ) {}

    #[Route('', name: '', methods: ['GET'])]
    public function show(Ulid $id, string $secret, Request $request): Response
    {
        $this->throttle->look($request);
        $link = $this->open($id, $secret);

        return null === $link ? $this->closed() : $this->page($link, $secret, $request);
    }

    #[Route('', name: '_send', methods: ['POST'])]
    public function send(
        Ulid $id,
        string $secret,
        Request $request,
        PhotoShelf $photos,
        ClockInterface $clock,
    ): Response {
        $this->throttle->send($request);
        $link = $this->open($id, $secret);
        if (null === $link) {
            return $this->closed();
        }
        $payload = $request->getPayload();
        $units = $this->units($link);
        [$measures, $faults] = ClientMeasures::read($payload->all('m'), $units);
        $text = mb_substr(trim(mb_scrub($payload->getString('text'), 'UTF-8')), 0, self::MOST_LETTERS);
        $photo = $request->files->get('photo');
        $photo = $photo instanceof UploadedFile ? $photo : null;
        $key = Ulid::isValid($payload->getString('key')) ? Ulid::fromString($payload->getString('key')) : new Ulid();
        if (null !== $this->proposals->find($key)) {
            return $this->thanks($id, $secret);
        }
        $fault = match (true) {
            !$this->fronts->of($link->quilt->studio)->listens()
                => 'This studio takes nothing by this page. Call or write to it.',
            [] !== $faults => 'Something cannot be read; see below. Nothing was sent yet.',
            [] === $measures && '' === $text && null === $photo => 'There is nothing in it yet.',
            $this->proposals->countOpen($link->quilt) >= ProposalRepository::MOST_OPEN
                => 'The studio has not read what was sent before. Wait until it has, or call.',
            default => null,
        };
        $kept = null;
        if (null === $fault && null !== $photo) {
            try {
                $kept = $photos->take($link->quilt, $photo);
            } catch (PhotosRefused $refused) {
                $fault = $refused->getMessage();
            }
        }
        if (null !== $fault) {
            return $this->page($link, $secret, $request, $fault, $faults);
        }
        $this->proposals->keep(new Proposal($key, $link->quilt, $measures, $text, $kept, $clock->now()));

        return $this->thanks($id, $secret);
    }

    /** @param array<string, string> $faults by path */
    private function page(
        JobLink $link,
        #[\SensitiveParameter] string $secret,
        Request $request,
        ?string $fault = null,
        array $faults = [],
    ): Response {
        $units = $this->units($link);
        $preparation = $this->preparations->of($link->quilt, $units);
        $state = $this->states->of($link->quilt, $preparation);
        $card = $this->cards->ofQuilt($link->quilt, $units);
        $front = $this->fronts->of($link->quilt->studio);
        $key = $request->getPayload()->getString('key');
        $response = $this->render(
            'public/job.html.twig',
            [
                'quilt' => $link->quilt,
                'studio' => $link->quilt->studio,
                'state' => $state,
                'sentence' => $preparation->sentence()->writtenBy(new LengthWriter($units)),
                'card' => $card,
                'texts' => $front->texts(),
                'dates' => $this->dates->of($link->quilt),
                'open' => null === $card ? null : $this->drawer->open($card),
                'folded' => null === $card ? null : $this->drawer->folded($card),
                'listens' => $front->listens() && $state->mayBring,
                'asked' => ClientMeasures::ASKED,
                'typed' => $request->getPayload()->all('m'),
                'text' => $request->getPayload()->getString('text'),
                'key' => Ulid::isValid($key) ? $key : (string) new Ulid(),
                'fault' => $fault,
                'faults' => $faults,
                'isSent' => $request->query->has('sent'),
                'address' => ['id' => (string) $link->id(), 'secret' => $secret],
            ],
            null === $fault ? null : new Response(status: Response::HTTP_UNPROCESSABLE_ENTITY),
        );
        // Whose it is decides who may keep a copy.
        $response->setPrivate();

        return $response;
    }

    private function open(Ulid $id, #[\SensitiveParameter] string $secret): ?JobLink
    {
        $link = $this->links->find($id, $secret) ?? throw $this->createNotFoundException();

        return $link->isClosed() || null !== $link->quilt->studio->erasedOn() ? null : $link;
    }

    private function closed(): Response
    {
        return $this->render('public/closed.html.twig', response: new Response(status: Response::HTTP_GONE));
    }

    private function thanks(Ulid $id, #[\SensitiveParameter] string $secret): Response
    {
        return $this->redirectToRoute(
            'app_public_job',
            ['id' => (string) $id, 'secret' => $secret, 'sent' => 1],
            Response::HTTP_SEE_OTHER,
        );
    }

    private function units(JobLink $link): UnitSystem
    {
        return $this->units->choose($link->quilt->whose()?->units() ?? $link->quilt->studio->units());
    }
}
