<?php

declare(strict_types=1);

namespace App\Clients\Prep;

use App\Account\Person;
use App\Account\SecondStep\QrPicture;
use App\Drawing\Picture;
use App\Drawing\PrintInk;
use App\Frames\StudioFrameRepository;
use App\Measure\CurrentUnits;
use App\Platform\Download;
use App\Public\JobLinks;
use App\Public\StudioFrontRepository;
use App\Quilt\Loading\Paper;
use App\Quilt\Loading\Pdf;
use App\Quilt\Quilt;
use App\Quilt\QuiltRepository;
use Schwung\Core\Bringing\PrepCard;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Symfony\Component\Uid\Ulid;

/** What a client brings: for a quilt that is entered, and for a top that somebody asks about. */
final class PrepController extends AbstractController
{
    private const DRAWING_MM = 84;

    public function __construct(
        private readonly PrepCards $cards,
        private readonly PrepDrawer $drawer,
        private readonly StudioFrontRepository $fronts,
        private readonly CurrentUnits $units,
        private readonly Pdf $pdf,
        private readonly JobLinks $links,
    ) {}

    #[Route('/quilts/{id}/prep-card', name: 'app_clients_prep', methods: ['GET'])]
    #[Route('/quilts/{id}/prep-card.pdf', name: 'app_clients_prep_pdf', methods: ['GET'])]
    public function quilt(
        Ulid $id,
        #[CurrentUser] Person $person,
        Request $request,
        QuiltRepository $quilts,
        PrepDates $dates,
    ): Response {
        $quilt = $quilts->findOneOf($person->studio(), $id) ?? throw $this->createNotFoundException();
        $units = $this->units->choose($quilt->whose()?->units() ?? $person->units());
        $card = $this->cards->ofQuilt($quilt, $units);

        return $this->answer($request, $person, $card, [
            'quilt' => $quilt,
            'title' => $quilt->title(),
            'form' => null,
            'dates' => $dates->of($quilt),
        ]);
    }

    #[Route('/clients/prep-card', name: 'app_clients_prep_size', methods: ['GET'], priority: 1)]
    #[Route('/clients/prep-card.pdf', name: 'app_clients_prep_size_pdf', methods: ['GET'], priority: 1)]
    public function size(#[CurrentUser] Person $person, Request $request, StudioFrameRepository $frames): Response
    {
        $units = $this->units->choose($person->units());
        $input = new PrepInput();
        $form = $this->createForm(PrepType::class, $input, ['frames' => $frames->findOf($person->studio())]);
        if ($request->query->has('across') || $request->query->has('along')) {
            $form->submit($request->query->all(), false);
        }
        $card =
            $form->isSubmitted() && $form->isValid() && null !== $input->across && null !== $input->along
                ? $this->cards->ofSize($person->studio(), $input->across, $input->along, $input->frame, $units)
                : null;

        return $this->answer($request, $person, $card, [
            'quilt' => null,
            'title' => 'your quilt',
            'form' => $form,
            'dates' => [],
        ]);
    }

    /** @param array{quilt: Quilt|null, title: string, form: mixed, dates: list<string>} $facts */
    private function answer(Request $request, Person $person, ?PrepCard $card, array $facts): Response
    {
        $facts += [
            'studio' => $person->studio(),
            'card' => $card,
            'texts' => $this->fronts->of($person->studio())->texts(),
            'open' => null === $card ? null : $this->drawer->open($card),
            'folded' => null === $card ? null : $this->drawer->folded($card),
            'query' => $request->query->all(),
        ];
        if (!str_ends_with($request->getPathInfo(), '.pdf')) {
            return $this->render('prep/show.html.twig', $facts);
        }
        if (null === $facts['open'] || null === $facts['folded']) {
            throw $this->createNotFoundException('There is no card before the top is measured.');
        }
        $paper = Paper::tryFrom($request->query->getString('paper')) ?? Paper::at($person->studio()->timeZone());

        return Download::of(
            $this->pdf->of(
                $this->renderView('prep/pdf.html.twig', [
                    ...$facts,
                    'images' => [$this->image($facts['open']), $this->image($facts['folded'])],
                    'paper' => $paper,
                    'fonts' => Pdf::FONTS,
                    'qr' => $this->qr($facts['quilt']),
                ]),
                $paper,
            ),
            Pdf::TYPE,
            'prep-card.pdf',
        );
    }

    /** Where its client sees it; null where no link is open. */
    private function qr(?Quilt $quilt): ?QrPicture
    {
        $link = null === $quilt ? null : $this->links->openOf($quilt);

        return null === $link ? null : QrPicture::of($this->links->address($link));
    }

    private function image(Picture $picture): string
    {
        return (new PrintInk($this->units->writer()))->asData($picture->canvas, $picture->shapes, self::DRAWING_MM);
    }
}
