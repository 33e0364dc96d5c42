<?php

declare(strict_types=1);

namespace App\Quilt\Loading;

use App\Account\Person;
use App\Account\SecondStep\QrPicture;
use App\AtTheFrame\FramePictures;
use App\AtTheFrame\ReloadCards;
use App\Clients\Bag\IntakeRepository;
use App\Drawing\Picture;
use App\Drawing\PrintInk;
use App\Mail\Post;
use App\Measure\CurrentUnits;
use App\Platform\Download;
use App\Quilt\Drawing\BedDrawing;
use App\Quilt\QuiltRepository;
use App\Quilt\Sheet;
use App\Quilt\SheetChanges;
use App\Quilt\Stage\LoadView;
use App\Quilt\View;
use App\Quilt\Workspace;
use App\Quilt\Workspaces;
use Schwung\Core\Practice\Purpose;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;
use Symfony\Component\Uid\Ulid;

/** The load sheet on paper, and the label for the bag. */
#[Route('/quilts/{id}', name: 'app_load_')]
final class LoadSheetController extends AbstractController
{
    /** Of the drawings on paper, in millimetres. */
    private const WIDTHS = ['bed' => 106, 'passes' => 90, 'side' => 76];
    private const RAIL_WIDTH = 184;
    private const SCALES = [1.0, 0.85, 0.72];
    /** What stands above the drawings, above a rail, and a line of the passes, in millimetres on paper; estimates. */
    private const HEAD_MM = 25;
    private const RAIL_NAME_MM = 8;
    private const PASS_MM = 5.3;
    /** A label of 100 by 62 mm, in points. */
    private const LABEL = [283.5, 175.7];

    public function __construct(
        private readonly QuiltRepository $quilts,
        private readonly Workspaces $workspaces,
        private readonly FramePictures $pictures,
        private readonly CurrentUnits $units,
    ) {}

    #[Route('/load-sheet', name: 'sheet', methods: ['GET'])]
    public function sheet(Ulid $id, #[CurrentUser] Person $person): Response
    {
        $workspace = $this->workspace($id, $person);

        $pictures = $this->drawings($workspace);
        $paper = Paper::at($person->studio()->timeZone());

        return $this->render('load/sheet.html.twig', [
            'workspace' => $workspace,
            'load' => $workspace->view,
            'pictures' => $pictures,
            'paper' => $this->onPaper($workspace, $pictures, $paper)[0],
        ]);
    }

    #[Route('/load-sheet.pdf', name: 'pdf', methods: ['GET'])]
    public function pdf(Ulid $id, #[CurrentUser] Person $person, Pdf $pdf, Post $post): Response
    {
        $workspace = $this->workspace($id, $person);
        $paper = Paper::at($person->studio()->timeZone());
        [$images, $drawings] = [[], $this->drawings($workspace)];
        [$onPaper, $scale] = $this->onPaper($workspace, $drawings, $paper);
        foreach ($drawings as $name => $drawing) {
            $images[$name] = $this->image($drawing, self::wide($name, $scale));
        }

        return Download::of(
            $pdf->of(
                $this->renderView('load/pdf.html.twig', [
                    'workspace' => $workspace,
                    'load' => $workspace->view,
                    'images' => $images,
                    'paper' => $paper,
                    'onPaper' => $onPaper,
                    'bedWide' => self::wide('bed', $scale) + 2,
                    'fonts' => Pdf::FONTS,
                    'qr' => QrPicture::of($post->link('app_frame_show', ['id' => (string) $id])),
                ]),
                $paper,
            ),
            Pdf::TYPE,
            'load-sheet.pdf',
        );
    }

    /** What the simulated label printer writes: the label as a file. */
    #[Route('/label.pdf', name: 'label', methods: ['GET'])]
    public function label(
        Ulid $id,
        #[CurrentUser] Person $person,
        Pdf $pdf,
        IntakeRepository $intakes,
        Post $post,
    ): Response {
        $quilt = $this->quilts->findOneOf($person->studio(), $id) ?? throw $this->createNotFoundException();
        $workspace = $this->workspaces->open($quilt, new View('load'));

        return Download::of(
            $pdf->of(
                $this->renderView('load/label.html.twig', [
                    'workspace' => $workspace,
                    'setup' => $workspace->view instanceof LoadView ? $workspace->view->setup : null,
                    'bag' => $intakes->of($quilt)->facts(),
                    'qr' => QrPicture::of($post->link('app_quilt_stage', ['id' => (string) $id, 'stage' => 'measure'])),
                ]),
                self::LABEL,
            ),
            Pdf::TYPE,
            'label.pdf',
        );
    }

    /** What was basted and taken off keeps its card: that of its last run, whatever the sheet says by now. */
    #[Route('/reload-card', name: 'card', methods: ['GET'])]
    public function card(Ulid $id, #[CurrentUser] Person $person, ReloadCards $cards): Response
    {
        $quilt = $this->quilts->findOneOf($person->studio(), $id) ?? throw $this->createNotFoundException();
        [$card, $mayReturn] =
            $cards->find($quilt) ?? throw $this->createNotFoundException('It was not basted to be taken off.');

        return $this->render('load/reload_card.html.twig', [
            'quilt' => $quilt,
            'card' => $card,
            'mayReturn' => $mayReturn,
        ]);
    }

    /** Back from where it waited, it is loaded as a basted quilt. */
    #[Route('/return', name: 'return', methods: ['POST'])]
    #[IsCsrfTokenValid('quilt')]
    public function comeBack(
        Ulid $id,
        #[CurrentUser] Person $person,
        ReloadCards $cards,
        SheetChanges $changes,
    ): Response {
        $quilt = $this->quilts->findOneOf($person->studio(), $id) ?? throw $this->createNotFoundException();
        if (true === ($cards->find($quilt)[1] ?? false)) {
            $changes->change(
                $quilt,
                static fn(Sheet $sheet): Sheet => $sheet->with('desk/purpose', Purpose::Prebasted->value),
            );
        }

        return $this->redirectToRoute('app_quilt_stage', ['id' => $id, 'stage' => 'load'], Response::HTTP_SEE_OTHER);
    }

    private function workspace(Ulid $id, Person $person): Workspace
    {
        $quilt = $this->quilts->findOneOf($person->studio(), $id) ?? throw $this->createNotFoundException();
        $workspace = $this->workspaces->open($quilt, new View('load'));

        return $workspace->view instanceof LoadView && null !== $workspace->view->setup
            ? $workspace
            : throw $this->createNotFoundException('There is nothing to load yet.');
    }

    /**
     * Drawings as large as leave the steps letters of the size that is wanted, or as small as may be.
     *
     * @param array<string, BedDrawing|Picture> $drawings of the first side
     *
     * @return array{StepsOnPaper, float} and how large the drawings are of their full size
     */
    private function onPaper(Workspace $workspace, array $drawings, Paper $paper): array
    {
        $view = $workspace->view;
        \assert($view instanceof LoadView && null !== $view->setup);
        $passes = self::PASS_MM * ($view->setup->winding->count() + 2);
        $rails = array_filter(array_keys($drawings), static fn(string $name): bool => str_ends_with($name, '-rail'));
        foreach (self::SCALES as $scale) {
            $high = static fn(string $name): float => (self::wide($name, $scale) * $drawings[$name]->canvas->height) /
                $drawings[$name]->canvas->width;
            $onPaper = StepsOnPaper::of(
                $view,
                $paper->height() -
                    self::HEAD_MM -
                    max($high('bed'), $high('side') + $passes) -
                    array_sum(array_map(static fn(string $name): float => $high($name) + self::RAIL_NAME_MM, $rails)),
                $paper->height(),
            );
            if ($onPaper->points >= StepsOnPaper::MOST_POINTS) {
                break;
            }
        }

        return [$onPaper, $scale];
    }

    /** Millimetres of a drawing on paper; a rail is as long as the paper, or its pieces could not be told apart. */
    private static function wide(string $name, float $scale): int
    {
        return isset(self::WIDTHS[$name]) ? (int) (self::WIDTHS[$name] * $scale) : self::RAIL_WIDTH;
    }

    private function image(BedDrawing|Picture $drawing, int $millimetresWide): string
    {
        $shapes =
            $drawing instanceof Picture
                ? $drawing->shapes
                : [
                    ...$drawing->shapes()->frame(),
                    ...$drawing->shapes()->layers(true),
                    ...$drawing->shapes()->above(false),
                ];

        return (new PrintInk($this->units->writer()))->asData($drawing->canvas, $shapes, $millimetresWide);
    }

    /** @return array<string, BedDrawing|Picture> */
    private function drawings(Workspace $workspace): array
    {
        $setup = $workspace->preparation->setup();
        \assert(null !== $setup);

        return [
            'bed' => $this->pictures->basting($workspace->preparation, $setup, $this->units->system()),
            'passes' => $this->pictures->passes($workspace->preparation, $setup, $this->units->system()),
            'side' => $this->pictures->side($setup, 1),
            ...$this->pictures->rails($workspace->preparation, $this->units->system()),
        ];
    }
}
