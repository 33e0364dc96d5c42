<?php

declare(strict_types=1);

namespace App\Clients\Bag;

use App\Account\Person;
use App\AtTheFrame\PhotoShelf;
use App\AtTheFrame\PhotosRefused;
use App\Measure\CurrentUnits;
use App\Quilt\Preparations;
use App\Quilt\Quilt;
use App\Quilt\QuiltRepository;
use App\Quilt\Sheet;
use App\Quilt\SheetChanges;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\Form\FormError;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;
use Symfony\Component\Uid\Ulid;

/** What came in with a quilt, in which condition, and what is to be minded of it. */
#[Route('/quilts/{id}/bag', name: 'app_clients_bag')]
final class BagController extends AbstractController
{
    public function __construct(
        private readonly QuiltRepository $quilts,
        private readonly IntakeRepository $intakes,
        private readonly SheetChanges $changes,
    ) {}

    #[Route('', name: '', methods: ['GET', 'POST'])]
    public function bag(Ulid $id, #[CurrentUser] Person $person, Request $request): Response
    {
        $quilt = $this->quilt($id, $person);
        $intake = $this->intakes->of($quilt);
        $input = $intake->facts();
        $form = $this->createForm(IntakeType::class, $input)->handleRequest($request);
        if ($form->isSubmitted() && $form->isValid()) {
            $intake->write($input);
            $this->intakes->keep($intake);
            $this->addFlash('draft', 'bag-' . $id);
            $this->addFlash('done', 'Written down.');

            return $this->redirectToRoute('app_clients_bag', ['id' => $id], Response::HTTP_SEE_OTHER);
        }

        return $this->render(
            'bag/show.html.twig',
            ['quilt' => $quilt, 'form' => $form, 'intake' => $intake],
            $form->isSubmitted() ? new Response(status: Response::HTTP_UNPROCESSABLE_ENTITY) : null,
        );
    }

    /** Places on the drawing, each with what it is and who saw it. */
    #[Route('/marks', name: '_marks', methods: ['GET', 'POST'])]
    public function marks(
        Ulid $id,
        #[CurrentUser] Person $person,
        Request $request,
        Preparations $preparations,
        CurrentUnits $units,
        MarkDrawer $drawer,
        PhotoShelf $photos,
    ): Response {
        $quilt = $this->quilt($id, $person);
        $top = $preparations->of($quilt, $units->system())->guess()->known->parts->top;
        $input = new MarkInput();
        $form = $this->createForm(MarkType::class, $input)->handleRequest($request);
        $key = $request->getPayload()->getString('key');
        if ($form->isSubmitted() && null !== $top) {
            foreach (['across' => $top->width(), 'along' => $top->length()] as $field => $most) {
                if (true === $input->{$field}?->isLongerThan($most)) {
                    $form
                        ->get($field)
                        ->addError(new FormError('The top is only ' . $units->writer()->write($most) . ' that way.'));
                }
            }
            if ($form->isValid()) {
                try {
                    $photo = null === $input->photo ? '' : (string) $photos->take($quilt, $input->photo)->id();
                    $mark = $input->toArray(Ulid::isValid($key) ? $key : (string) new Ulid(), $person->name(), $photo);
                    $this->changes->change($quilt, static fn(Sheet $sheet): Sheet => SheetMark::added($sheet, $mark));
                    $this->addFlash('draft', 'mark-' . $id);

                    return $this->redirectToRoute('app_clients_bag_marks', ['id' => $id], Response::HTTP_SEE_OTHER);
                } catch (PhotosRefused $refused) {
                    $form->get('photo')->addError(new FormError($refused->getMessage()));
                }
            }
        }
        $marks = SheetMark::allIn($quilt->sheet());

        return $this->render(
            'bag/marks.html.twig',
            [
                'quilt' => $quilt,
                'form' => $form,
                'marks' => $marks,
                'picture' => null === $top ? null : $drawer->draw($top, $marks),
                'top' => $top,
                'key' => Ulid::isValid($key) ? $key : (string) new Ulid(),
            ],
            $form->isSubmitted() ? new Response(status: Response::HTTP_UNPROCESSABLE_ENTITY) : null,
        );
    }

    #[
        Route(
            '/marks/{key}/{step}',
            name: '_mark',
            requirements: ['key' => '[0-9A-Za-z-]{1,36}', 'step' => 'mended|open|known|unknown|remove'],
            methods: ['POST'],
        ),
    ]
    #[IsCsrfTokenValid('bag')]
    public function mark(Ulid $id, string $key, string $step, #[CurrentUser] Person $person): Response
    {
        $this->changes->change(
            $this->quilt($id, $person),
            static fn(Sheet $sheet): Sheet => match ($step) {
                'mended', 'open' => SheetMark::changed($sheet, $key, ['mended' => 'mended' === $step]),
                'known', 'unknown' => SheetMark::changed($sheet, $key, ['client_knows' => 'known' === $step]),
                default => SheetMark::removed($sheet, $key),
            },
        );
        if ('remove' === $step) {
            $this->addFlash('done', 'Taken off the drawing. Undo at the quilt brings it back.');
        }

        return $this->redirectToRoute('app_clients_bag_marks', ['id' => $id], Response::HTTP_SEE_OTHER);
    }

    private function quilt(Ulid $id, Person $person): Quilt
    {
        return $this->quilts->findOneOf($person->studio(), $id) ?? throw $this->createNotFoundException();
    }
}
