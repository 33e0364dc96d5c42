<?php

declare(strict_types=1);

namespace App\Frames;

use App\Account\Person;
use App\Platform\OwnPath;
use App\Quilt\Rejudging;
use Schwung\Core\Frame\FrameMeasure;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\Form\FormInterface;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Symfony\Component\Uid\Ulid;

/** Asks for a frame's measures a few at a time, each beside a drawing of where to put the tape. */
#[Route('/frames', name: 'app_frames_')]
final class FrameMeasuresController extends AbstractController
{
    #[Route('/first', name: 'first', methods: ['GET', 'POST'], priority: 1)]
    public function first(#[CurrentUser] Person $person, Request $request, StudioFrameRepository $frames): Response
    {
        $input = FrameInput::in($person->units());
        $input->name = 'My frame';
        $input->taken = AskedMeasures::everyday();
        $form = $this->form($request, $input, AskedMeasures::FIRST);
        if ($form->isSubmitted() && $form->isValid()) {
            $frame = new StudioFrame($person->studio(), $input->name, $input->measures());
            $frame->assume(array_map(FrameMeasure::from(...), array_keys(AskedMeasures::everyday())));
            $frames->keep($frame);
            $this->addFlash('draft', 'frame-first');

            return $this->redirectToRoute('app_quilt_new', status: Response::HTTP_SEE_OTHER);
        }

        return $this->page($form, $input, AskedMeasures::FIRST, null, '');
    }

    #[
        Route(
            '/{id}/measures/{stage}',
            name: 'measures',
            requirements: ['stage' => 'attach|passes|load'],
            methods: ['GET', 'POST'],
        ),
    ]
    public function measures(
        Ulid $id,
        string $stage,
        #[CurrentUser] Person $person,
        Request $request,
        StudioFrameRepository $frames,
        Rejudging $rejudging,
    ): Response {
        $frame = $frames->findOneOf($person->studio(), $id) ?? throw $this->createNotFoundException();
        $back = OwnPath::of($request->query->getString('back'), $this->generateUrl('app_frames_edit', ['id' => $id]));
        $measures = AskedMeasures::of($frame, $stage);
        if ([] === $measures) {
            return $this->redirect($back, Response::HTTP_SEE_OTHER);
        }
        $input = FrameInput::of($frame, $person->units());
        $form = $this->form($request, $input, $measures);
        if ($form->isSubmitted() && $form->isValid()) {
            $frame->remeasure($input->name, $input->measures());
            $frame->confirm($measures);
            $frames->save();
            $rejudging->ofFrame($frame);
            $this->addFlash('draft', "frame-$id-$stage");

            return $this->redirect($back, Response::HTTP_SEE_OTHER);
        }

        return $this->page($form, $input, $measures, $frame, $stage);
    }

    /**
     * @param list<FrameMeasure> $measures
     *
     * @return FormInterface<FrameInput>
     */
    private function form(Request $request, FrameInput $input, array $measures): FormInterface
    {
        return $this->createForm(FrameAskType::class, $input, ['measures' => $measures])->handleRequest($request);
    }

    /**
     * @param FormInterface<FrameInput> $form
     * @param list<FrameMeasure>        $measures
     */
    private function page(
        FormInterface $form,
        FrameInput $input,
        array $measures,
        ?StudioFrame $frame,
        string $stage,
    ): Response {
        $pictures = [];
        foreach ($measures as $measure) {
            $pictures[FrameType::field($measure)] = AskedMeasures::picture($input->measures(), $measure);
        }

        return $this->render('frames/ask.html.twig', [
            'form' => $form,
            'pictures' => $pictures,
            'frame' => $frame,
            'stage' => $stage,
        ]);
    }
}
