<?php

declare(strict_types=1);

namespace App\Frames;

use App\Account\Person;
use App\Quilt\Quilt;
use App\Quilt\QuiltRepository;
use App\Quilt\Rejudging;
use Schwung\Core\Frame\FrameMeasure;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\Form\FormInterface;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Symfony\Component\Uid\Ulid;

#[Route('/frames', name: 'app_frames_')]
final class FramesController extends AbstractController
{
    #[Route('', name: 'index', methods: ['GET'])]
    public function index(#[CurrentUser] Person $person, StudioFrameRepository $frames): Response
    {
        return $this->render('frames/index.html.twig', ['frames' => $frames->findOf($person->studio())]);
    }

    #[Route('/new', name: 'new', methods: ['GET', 'POST'])]
    public function new(#[CurrentUser] Person $person, Request $request, StudioFrameRepository $frames): Response
    {
        $input = FrameInput::in($person->units());
        $form = $this->createForm(FrameType::class, $input)->handleRequest($request);
        if ($form->isSubmitted() && $form->isValid()) {
            $frame = new StudioFrame($person->studio(), $input->name, $input->measures());
            $frame->equip($input->fittings(), $input->stock(), $input->sideClamps);
            $frame->differ($input->distances());
            $frame->level($input->levelled);
            $frames->keep($frame);

            return $this->saved('frame-new');
        }

        return $this->page($form, $input, null);
    }

    #[Route('/{id}', name: 'edit', methods: ['GET', 'POST'])]
    public function edit(
        Ulid $id,
        #[CurrentUser] Person $person,
        Request $request,
        StudioFrameRepository $frames,
        QuiltRepository $quilts,
        Rejudging $rejudging,
    ): Response {
        $frame = $frames->findOneOf($person->studio(), $id) ?? throw $this->createNotFoundException();
        $input = FrameInput::of($frame, $person->units());
        $input->loaded = array_map(static fn(Quilt $quilt): string => $quilt->title(), $quilts->findLoadedOn($frame));
        $form = $this->createForm(FrameType::class, $input, ['is_loaded' => [] !== $input->loaded])->handleRequest(
            $request,
        );
        if ($form->isSubmitted() && $form->isValid()) {
            $before = $frame->measures();
            $frame->remeasure($input->name, $input->measures());
            $frame->confirm(
                array_values(
                    array_filter(
                        $frame->assumed(),
                        static fn(FrameMeasure $measure): bool => $frame->measures()->at($measure) !=
                            $before->at($measure),
                    ),
                ),
            );
            $frame->equip($input->fittings(), $input->stock(), $input->sideClamps);
            $frame->differ($input->distances());
            $frame->level($input->levelled);
            $frames->save();
            $rejudging->ofFrame($frame);

            return $this->saved('frame-' . $id);
        }

        return $this->page($form, $input, $frame);
    }

    private function saved(string $draft): Response
    {
        $this->addFlash('draft', $draft);
        $this->addFlash(
            'done',
            'The frame is saved, and its quilts are planned with it. Next: take in a quilt, or look at its leaders.',
        );

        return $this->redirectToRoute('app_frames_index', status: Response::HTTP_SEE_OTHER);
    }

    /** @param FormInterface<FrameInput> $form */
    private function page(FormInterface $form, FrameInput $input, ?StudioFrame $frame): Response
    {
        return $this->render('frames/edit.html.twig', [
            'form' => $form,
            'frame' => $frame,
            'loaded' => $input->loaded,
            'above' => (new TopDrawer())->draw($input->measures()),
            'side' => (new SideDrawer())->bare($input->measures()),
            'reach' => $input->measures()->usableAcross(),
            'depth' => $input->measures()->bareDepth(),
        ]);
    }
}
