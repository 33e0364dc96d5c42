<?php

declare(strict_types=1);

namespace App\Shelf\Batting;

use App\Account\Person;
use App\Account\SecondStep\QrPicture;
use App\Clients\ClientRepository;
use App\Mail\Post;
use App\Measure\CurrentUnits;
use App\Platform\Download;
use App\Quilt\Loading\Pdf;
use App\Quilt\Preparations;
use App\Quilt\Quilt;
use App\Quilt\QuiltRepository;
use App\Shelf\Drawing\CutDrawer;
use App\Shelf\Serving;
use App\Shelf\ShelfItem;
use App\Shelf\ShelfPage;
use Schwung\Core\Measure\Exception\UnreadableLength;
use Schwung\Core\Measure\Figure;
use Schwung\Core\Measure\Length;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\Form\FormError;
use Symfony\Component\Form\FormInterface;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;
use Symfony\Component\Uid\Ulid;

/** One roll or piece: what it is, what was cut out of it, and the next cut. */
#[Route('/shelf/batting', name: 'app_shelf_batting_')]
final class BattingController extends AbstractController
{
    /** A label of 100 by 62 mm, in points. */
    private const LABEL = [283.5, 175.7];

    public function __construct(
        private readonly ShelfBattingRepository $battings,
        private readonly BattingShelf $shelf,
        private readonly ShelfPage $page,
        private readonly QuiltRepository $quilts,
        private readonly ClientRepository $clients,
        private readonly CurrentUnits $units,
        private readonly Serving $serving,
        private readonly Preparations $preparations,
    ) {}

    #[Route('/new', name: 'new', methods: ['GET', 'POST'], priority: 1)]
    public function new(#[CurrentUser] Person $person, Request $request): Response
    {
        $input = new BattingInput();
        $input->isRoll = 'roll' === $request->query->getString('as');
        $form = $this->createForm(BattingType::class, $input, $this->options($person))->handleRequest($request);
        $key = $request->getPayload()->getString('key');
        if ($form->isSubmitted() && $form->isValid()) {
            $batting = $this->shelf->put($person->studio(), $input, Ulid::isValid($key) ? $key : (string) new Ulid());
            $this->addFlash('draft', 'batting-new');
            $this->addFlash('done', "It is on the shelf as {$batting->label()}. Put its label on.");

            return $this->redirectToRoute('app_shelf_batting_show', ['id' => $batting->id()], Response::HTTP_SEE_OTHER);
        }

        return $this->form($form, null, Ulid::isValid($key) ? $key : (string) new Ulid());
    }

    #[Route('/{id}', name: 'show', methods: ['GET'])]
    public function show(Ulid $id, #[CurrentUser] Person $person, Request $request): Response
    {
        $batting = $this->batting($id, $person);

        return $this->shown(
            $batting,
            $this->quilt($request->query->getString('quilt'), $person),
            null,
            $request->query->getString('return'),
        );
    }

    #[Route('/{id}/edit', name: 'edit', methods: ['GET', 'POST'])]
    public function edit(Ulid $id, #[CurrentUser] Person $person, Request $request): Response
    {
        $batting = $this->batting($id, $person);
        $input = BattingInput::of($batting);
        $form = $this->createForm(BattingType::class, $input, $this->options($person))->handleRequest($request);
        if ($form->isSubmitted() && $form->isValid()) {
            try {
                $this->shelf->change($batting, $request->getPayload()->getInt('version'), $input);
                $this->addFlash('draft', 'batting-' . $id);

                return $this->redirectToRoute('app_shelf_batting_show', ['id' => $id], Response::HTTP_SEE_OTHER);
            } catch (CutRefused $refused) {
                $form->addError(new FormError($refused->getMessage()));
            }
        }

        return $this->form($form, $batting, '');
    }

    #[Route('/{id}/cut', name: 'cut', methods: ['POST'])]
    #[IsCsrfTokenValid('shelf')]
    public function cut(Ulid $id, #[CurrentUser] Person $person, Request $request): Response
    {
        $batting = $this->batting($id, $person);
        $typed = $request->getPayload();
        $quilt = $this->quilt($typed->getString('quilt'), $person);
        $return = $typed->getString('return');
        [$over, $off] = [$this->length($typed->getString('over')), $this->length($typed->getString('off'))];
        $key = $typed->getString('key');
        if (null === $over || null === $off) {
            return $this->shown(
                $batting,
                $quilt,
                [
                    'over' => $typed->getString('over'),
                    'off' => $typed->getString('off'),
                    'fault' => 'This is not a length. Write it like 66 1/2 in or 169 cm.',
                ],
                $return,
            );
        }
        try {
            $cut = $this->shelf->cut(
                $batting,
                new CutAsked(
                    version: $typed->getInt('version'),
                    over: $over,
                    off: $off,
                    quilt: $quilt,
                    person: $person->name(),
                    key: Ulid::isValid($key) ? $key : (string) new Ulid(),
                ),
            );
        } catch (CutRefused $refused) {
            return $this->shown(
                $batting,
                $quilt,
                [
                    'over' => $typed->getString('over'),
                    'off' => $typed->getString('off'),
                    'fault' => $refused->getMessage(),
                ],
                $return,
            );
        }
        $this->addFlash('done', $this->told($cut));
        if (null !== $quilt && 'backing' === $return) {
            return $this->redirectToRoute(
                'app_quilt_stage',
                ['id' => $quilt->id(), 'stage' => 'backing'],
                Response::HTTP_SEE_OTHER,
            );
        }

        return $this->redirectToRoute('app_shelf_batting_show', ['id' => $id], Response::HTTP_SEE_OTHER);
    }

    #[Route('/cuts/{cut}/back', name: 'back', methods: ['POST'], priority: 1)]
    #[IsCsrfTokenValid('shelf')]
    public function back(Ulid $cut, #[CurrentUser] Person $person): Response
    {
        $found = $this->battings->findCut($person->studio(), $cut) ?? throw $this->createNotFoundException();
        try {
            $this->shelf->takeBack($found);
            $this->addFlash('done', 'Taken back: the shelf is as it was before that cut.');
        } catch (CutRefused $refused) {
            $this->addFlash('done', $refused->getMessage());
        }

        return $this->redirectToRoute(
            'app_shelf_batting_show',
            ['id' => $found->batting->id()],
            Response::HTTP_SEE_OTHER,
        );
    }

    #[Route('/{id}/leave', name: 'leave', methods: ['POST'])]
    #[IsCsrfTokenValid('shelf')]
    public function leave(Ulid $id, #[CurrentUser] Person $person): Response
    {
        $batting = $this->batting($id, $person);
        $this->shelf->leave($batting);
        $this->addFlash('done', "{$batting->label()} is off the shelf.");

        return $this->redirectToRoute('app_shelf_index', status: Response::HTTP_SEE_OTHER);
    }

    /** What the simulated label printer writes: the label as a file. */
    #[Route('/{id}/label.pdf', name: 'label', methods: ['GET'])]
    public function label(Ulid $id, #[CurrentUser] Person $person, Pdf $pdf, Post $post): Response
    {
        $batting = $this->batting($id, $person);

        return Download::of(
            $pdf->of(
                $this->renderView('shelf/label.html.twig', [
                    'batting' => $batting,
                    'qr' => QrPicture::of($post->link('app_shelf_batting_show', ['id' => (string) $id])),
                ]),
                self::LABEL,
            ),
            Pdf::TYPE,
            "label-{$batting->label()}.pdf",
        );
    }

    /** @param array{over: string, off: string, fault: string}|null $typed what could not be cut */
    private function shown(ShelfBatting $batting, ?Quilt $quilt, ?array $typed, string $return = ''): Response
    {
        $outlook = $this->page->outlook($batting->studio);
        $need =
            null === $quilt
                ? null
                : $this->serving->need($quilt, $this->preparations->of($quilt, $this->units->system()));
        $item = ShelfItem::under($need, $batting);
        [$over, $off] = [$item->over(), $item->off()];
        $rests = null === $over || null === $off ? [] : $batting->restsOf($over, $off);
        $needed = fn(Length $length): string => Figure::needed($length)->writtenBy($this->units->writer());

        return $this->render(
            'shelf/batting.html.twig',
            [
                'batting' => $batting,
                'cuts' => $this->battings->findCuts($batting),
                'outlook' => $outlook,
                'quilt' => null === $need ? null : $quilt,
                'return' => $return,
                'serves' => $item->serves(),
                'over' => $over,
                'off' => $off,
                'rests' => $rests,
                'picture' => null === $batting->gone() ? (new CutDrawer())->draw($batting, $over, $off, $rests) : null,
                'typed' => $typed,
                'values' => $typed ?? [
                    'over' => null === $over ? $this->units->writer()->write($batting->width()) : $needed($over),
                    'off' => null === $off ? '' : $needed($off),
                ],
                'key' => new Ulid(),
            ],
            null === $typed ? null : new Response(status: Response::HTTP_UNPROCESSABLE_ENTITY),
        );
    }

    /** @param FormInterface<BattingInput> $form */
    private function form(FormInterface $form, ?ShelfBatting $batting, string $key): Response
    {
        return $this->render(
            'shelf/edit.html.twig',
            ['form' => $form, 'batting' => $batting, 'key' => $key],
            $form->isSubmitted() ? new Response(status: Response::HTTP_UNPROCESSABLE_ENTITY) : null,
        );
    }

    /** @return array<string, mixed> */
    private function options(Person $person): array
    {
        return [
            'clients' => $this->clients->findOf($person->studio()),
            'zone' => $person->studio()->timeZone()->getName(),
        ];
    }

    private function batting(Ulid $id, Person $person): ShelfBatting
    {
        return $this->battings->findOneOf($person->studio(), $id) ?? throw $this->createNotFoundException();
    }

    private function quilt(string $id, Person $person): ?Quilt
    {
        return Ulid::isValid($id) ? $this->quilts->findOneOf($person->studio(), Ulid::fromString($id)) : null;
    }

    private function length(string $text): ?Length
    {
        try {
            return Length::parse($text, $this->units->system());
        } catch (UnreadableLength) {
            return null;
        }
    }

    private function told(ShelfCut $cut): string
    {
        $write = $this->units->writer()->write(...);
        $rests = array_map(
            static fn(ShelfBatting $rest): string => "{$rest->label()} ({$write($rest->width())} × {$write(
                $rest->length(),
            )})",
            $this->battings->findRests($cut),
        );

        return "Cut {$write($cut->over())} × {$write($cut->off())}" .
            ('' === $cut->for ? '. ' : " for {$cut->for}; it stands with the quilt. ") .
            ([] === $rests
                ? 'Nothing that is worth a label goes back.'
                : implode(' and ', $rests) .
                    (1 === \count($rests)
                        ? ' goes back on the shelf: put its label on.'
                        : ' go back on the shelf: put their labels on.'));
    }
}
