<?php

declare(strict_types=1);

namespace App\AtTheFrame;

use App\Account\Person;
use App\Drawing\Picture;
use App\Frames\SideDrawer;
use App\Measure\CurrentUnits;
use App\Quilt\Quilt;
use App\Quilt\QuiltRepository;
use Psr\Clock\ClockInterface;
use Schwung\Core\Advance\RefitChoice;
use Schwung\Core\Advance\Winding;
use Schwung\Core\Measure\Length;
use Schwung\Core\Plan\WoundRule;
use Schwung\Core\Preparation\RollRead;
use Schwung\Core\Running\EntryKind;
use Schwung\Core\Running\JournalEntry;
use Schwung\Core\Running\StretchState;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\Form\FormError;
use Symfony\Component\Form\FormFactoryInterface;
use Symfony\Component\Form\FormInterface;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;
use Symfony\Component\Uid\Ulid;

/**
 * Readings that mend the plan of a load: its roll, the width and the slant of its top, strain, and what is left of
 * it.
 */
#[Route('/quilts/{id}/frame', name: 'app_readings_')]
final class ReadingsController extends AbstractController
{
    private const KINDS = [EntryKind::Roll, EntryKind::Width, EntryKind::Slant, EntryKind::Strain];

    public function __construct(
        private readonly QuiltRepository $quilts,
        private readonly RunRepository $runs,
        private readonly RunViews $views,
        private readonly CurrentUnits $units,
        private readonly LogBook $book,
        private readonly ClockInterface $clock,
        private readonly FramePictures $pictures,
        private readonly FormFactoryInterface $forms,
    ) {}

    #[Route('/readings', name: 'show', methods: ['GET'])]
    public function show(Ulid $id, #[CurrentUser] Person $person): Response
    {
        return $this->page($this->views->open($this->run($id, $person)));
    }

    #[Route('/readings/{kind}', name: 'read', requirements: ['kind' => 'roll|width|slant|strain'], methods: ['POST'])]
    public function read(Ulid $id, EntryKind $kind, #[CurrentUser] Person $person, Request $request): Response
    {
        $run = $this->run($id, $person);
        $view = $this->views->open($run);
        $input = new ReadingInput($kind);
        $form = $this->form($view, $kind, $input)->handleRequest($request);
        if (!$form->isSubmitted() || !$form->isValid() || !$this->isPlausible($form, $view, $input)) {
            return $this->page($view, $form);
        }
        $this->write($run, $kind, $input->data(...$this->wound($view)), $person);
        $this->addFlash('draft', "reading-$id-$kind->value");

        return $this->redirectToRoute('app_readings_show', ['id' => $id], Response::HTTP_SEE_OTHER);
    }

    /** What the readings say so far, for the page at the frame. */
    #[Route('/told', name: 'told', methods: ['GET'])]
    public function told(Ulid $id, #[CurrentUser] Person $person): Response
    {
        $view = $this->views->open($this->run($id, $person));

        return $this->render('frame/_told.html.twig', ['view' => $view, ...$this->roll($view)]);
    }

    /** The passes that are left go by the roll as it was read. */
    #[Route('/thickness', name: 'thickness', methods: ['POST'])]
    #[IsCsrfTokenValid('frame')]
    public function thickness(Ulid $id, #[CurrentUser] Person $person): Response
    {
        $run = $this->run($id, $person);
        $roll = $this->views->open($run)->roll();
        if (null !== $roll->anew && null !== $roll->learnt->thickness) {
            $mm = round($roll->learnt->thickness->toMillimetres(), 4);
            // The same plan from the same pass is kept once, however often the button was pressed.
            $this->write(
                $run,
                EntryKind::Thickness,
                ['mm' => $mm, 'passes' => $roll->pass],
                $person,
                hash('xxh128', "{$run->id()} thickness $roll->pass $mm"),
            );
            $this->addFlash('done', 'The passes that are left go by the roll as it was read.');
        }

        return $this->redirectToRoute('app_frame_show', ['id' => $id], Response::HTTP_SEE_OTHER);
    }

    /** The rows that are left, fitted to what is left of the quilt. */
    #[Route('/refit', name: 'refit', methods: ['GET', 'POST'])]
    public function refit(Ulid $id, #[CurrentUser] Person $person, Request $request, Refitting $refitting): Response
    {
        $run = $this->run($id, $person);
        $view = $this->views->open($run);
        $fields = $request->isMethod('POST') ? $request->getPayload() : $request->query;
        $text = mb_substr($fields->getString('rest'), 0, 40);
        $done = max(0, (int) $fields->getString('done', (string) $refitting->rowsDone($view)));
        [$choice, $fault] = [null, null];
        try {
            $rest = '' === $text ? null : $this->units->writer()->read($text);
            $choice = null === $rest ? null : $refitting->fit($view, $done, $rest);
        } catch (\InvalidArgumentException $exception) {
            $fault = $exception->getMessage();
        }
        if ($request->isMethod('POST') && null !== $choice) {
            return $this->keepRefit($run, $view, $choice, $request, $person);
        }

        return $this->render(
            'frame/refit.html.twig',
            [
                'quilt' => $run->quilt,
                'view' => $view,
                'text' => $text,
                'done' => $done,
                'choice' => $choice,
                'fault' => $fault,
                'obstacle' => $refitting->obstacle($view),
                'planned' => $refitting->planned($view, $done),
                'bed' =>
                    null === $choice
                        ? $this->pictures->passes(
                            $view->preparation,
                            $view->setup,
                            $this->units->system(),
                            $view->pass(),
                        )
                        : $refitting->drawn($view, $choice, $done, $this->units->system()),
            ],
            null === $fault ? null : new Response(status: Response::HTTP_UNPROCESSABLE_ENTITY),
        );
    }

    private function keepRefit(Run $run, RunView $view, RefitChoice $choice, Request $request, Person $person): Response
    {
        $refit = 'scale' === $request->getPayload()->getString('how') ? $choice->byScale : $choice->byGap;
        if (!$this->isCsrfTokenValid('frame', $request->getPayload()->getString('_token')) || null === $refit) {
            throw $this->createAccessDeniedException();
        }
        $data = [
            'passes' => $view->pass(),
            'from' => $refit->from,
            'begins' => round($refit->begins->toMillimetres(), 4),
            'height' => round($refit->height->toMillimetres(), 4),
            'gap' => round($refit->gap->toMillimetres(), 4),
        ];
        $this->write(
            $run,
            EntryKind::Refit,
            $data,
            $person,
            hash('xxh128', $run->id() . ' refit ' . implode(' ', $data)),
        );
        $this->addFlash('done', 'The rows that are left are laid so. In the log it can be taken back.');

        return $this->redirectToRoute('app_frame_show', ['id' => $run->quilt->id()], Response::HTTP_SEE_OTHER);
    }

    /** @param FormInterface<ReadingInput> $form */
    private function isPlausible(FormInterface $form, RunView $view, ReadingInput $input): bool
    {
        $fault = $input->fault() ?? $this->faultOnThisQuilt($view, $input);
        if (null !== $fault) {
            $form->get($fault[0])->addError(new FormError($fault[1]));
        }

        return null === $fault;
    }

    /** @return array{string, string}|null what cannot be so on this load, by its field */
    private function faultOnThisQuilt(RunView $view, ReadingInput $input): ?array
    {
        $isElsewhere =
            null !== $input->depth &&
            null !== $input->width &&
            StretchState::Elsewhere === $view->stretchOf($input->depth, $input->width)->state;
        $rolled = EntryKind::Roll === $input->kind ? $this->rollFault($view, $input) : null;

        return match (true) {
            null !== $rolled => [null === $input->clicks ? 'round' : 'clicks', $rolled],
            $isElsewhere => ['width', StretchState::Elsewhere->advice()],
            true === $input->apart?->isLongerThan($view->setup->across()) && EntryKind::Slant === $input->kind => [
                'apart',
                'The top is not so wide: read within its sides.',
            ],
            default => null,
        };
    }

    private function rollFault(RunView $view, ReadingInput $input): ?string
    {
        $entry = new JournalEntry(
            'new',
            EntryKind::Roll,
            null,
            $this->clock->now(),
            $input->data(...$this->wound($view)),
        );

        return $view->with($entry)->roll()->faultOf('new')?->writtenBy($this->units->writer());
    }

    /** @return array{Length, Length} what is wound on now, and what was at the pass before */
    private function wound(RunView $view): array
    {
        $now = $view->woundAt($view->journal->place());
        $before = Length::zero();
        foreach ($view->setup->winding->winds as $wind) {
            $before = $wind->pass->wound->isShorterThan($now) ? $wind->pass->wound : $before;
        }

        return [$now, $before];
    }

    /** @param FormInterface<ReadingInput>|null $entered */
    private function page(RunView $view, ?FormInterface $entered = null): Response
    {
        $forms = [];
        foreach (self::KINDS as $kind) {
            $forms[$kind->value] =
                $kind === $entered?->getConfig()->getOption('kind')
                    ? $entered->createView()
                    : $this->form($view, $kind, $this->blank($view, $kind))->createView();
        }

        return $this->render(
            'frame/readings.html.twig',
            ['quilt' => $view->run->quilt, 'view' => $view, 'forms' => $forms, ...$this->roll($view)],
            null === $entered ? null : new Response(status: Response::HTTP_UNPROCESSABLE_ENTITY),
        );
    }

    /** With what one would read where nothing is amiss, so that only what differs is typed. */
    private function blank(RunView $view, EntryKind $kind): ReadingInput
    {
        $input = new ReadingInput($kind);
        if (EntryKind::Width === $kind) {
            $input->depth = Length::millimetres($view->depthAt($view->pass()));
        } elseif (EntryKind::Slant === $kind) {
            $input->apart = $view->setup->across();
        } elseif (EntryKind::Strain === $kind) {
            $input->apart = $view->strainMarks();
        }

        return $input;
    }

    /** @return FormInterface<ReadingInput> */
    private function form(RunView $view, EntryKind $kind, ReadingInput $input): FormInterface
    {
        return $this->forms->createNamed("reading_$kind->value", ReadingType::class, $input, [
            'kind' => $kind,
            'has_ratchet' => null !== $view->setup->plan->job->frame->ratchetTeeth && $view->pass() > 1,
            'action' => $this->generateUrl('app_readings_read', [
                'id' => $view->run->quilt->id(),
                'kind' => $kind->value,
            ]),
        ]);
    }

    /** @return array{roll: RollRead, now: Picture, then: Picture|null} the roll, and its last pass as planned and as read */
    private function roll(RunView $view): array
    {
        $roll = $view->roll();
        $drawn = static fn(Winding $winding): Picture => (new SideDrawer())->wound(
            $view->setup->plan->job->frame,
            (new WoundRule())->at($view->setup->plan, $winding, $winding->at($winding->count())),
        );

        return [
            'roll' => $roll,
            'now' => $drawn($roll->winding),
            'then' => null === $roll->anew ? null : $drawn($roll->anew),
        ];
    }

    /** @param array<string, mixed> $data */
    private function write(Run $run, EntryKind $kind, array $data, Person $person, ?string $key = null): void
    {
        $this->book->write($run, [
            new JournalEntry($key ?? (string) new Ulid(), $kind, null, $this->clock->now(), $data, $person->name()),
        ]);
    }

    private function run(Ulid $id, Person $person): Run
    {
        return $this->runs->findOpen($this->quilt($id, $person)) ?? throw $this->createNotFoundException();
    }

    private function quilt(Ulid $id, Person $person): Quilt
    {
        return $this->quilts->findOneOf($person->studio(), $id) ?? throw $this->createNotFoundException();
    }
}
