<?php

declare(strict_types=1);

namespace App\Quilt;

use App\Account\Person;
use App\Bench\Typed;
use App\Clients\Bag\IntakeRepository;
use App\Clients\Client;
use App\Clients\ClientBook;
use App\Clients\ClientRepository;
use App\Frames\StudioFrameRepository;
use App\Quilt\Loading\Ways;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Symfony\Component\Uid\Ulid;

/** Takes a quilt in, by hand or from a job document, and renames it later. */
final class EntryController extends AbstractController
{
    #[Route('/quilts/new', name: 'app_quilt_new', methods: ['GET', 'POST'])]
    public function new(
        #[CurrentUser] Person $person,
        Request $request,
        StudioFrameRepository $frames,
        QuiltEntry $entry,
        ClientRepository $known,
        IntakeRepository $intakes,
        QuiltRepository $quilts,
    ): Response {
        $all = $frames->findOf($person->studio());
        $input = new NewQuilt();
        $input->key = (string) new Ulid();
        $input->frame = $all[0] ?? null;
        $input->due = Typed::day($request->query->getString('due'));
        $input->client = mb_substr(trim(mb_scrub($request->query->getString('client'), 'UTF-8')), 0, 120);
        $form = $this->createForm(NewQuiltType::class, $input, [
            'frames' => $all,
            'is_new' => true,
        ])->handleRequest($request);
        if ($form->isSubmitted() && $form->isValid()) {
            $quilt = $entry->enter(
                $person->studio(),
                $input,
                Sheet::blank()->withAll(Ways::of($person->studio(), $input->frame, $person)->all()),
            );
            $intake = $intakes->of($quilt);
            $bag = $intake->facts();
            $bag->came = $input->came;
            $intake->write($bag);
            $intakes->keep($intake);
            $this->addFlash('draft', 'new-quilt');

            return $this->redirectToRoute('app_tape_show', ['id' => $quilt->id()], Response::HTTP_SEE_OTHER);
        }

        return $this->render('quilt/new.html.twig', [
            'form' => $form,
            'names' => $known->findNames($person->studio()),
            'isFirst' => !$quilts->hasAny($person->studio()),
        ]);
    }

    #[Route('/quilts/import', name: 'app_quilt_import', methods: ['GET', 'POST'])]
    public function import(
        #[CurrentUser] Person $person,
        Request $request,
        StudioFrameRepository $frames,
        QuiltEntry $entry,
    ): Response {
        $import = new JobImport($frames->findOf($person->studio()));
        if (!$request->isMethod('POST')) {
            return $this->render('quilt/import.html.twig', [
                'text' => '',
                'client' => '',
                'key' => (string) new Ulid(),
                'faults' => [],
            ]);
        }
        $client = mb_substr(trim($request->getPayload()->getString('client')), 0, 120);
        $key = $request->getPayload()->getString('key');
        $text = $import->textOf($request->files->get('file'), $request->getPayload()->getString('text'));
        $faults = $this->isCsrfTokenValid('import', $request->getPayload()->getString('_token'))
            ? $import->faults($text, $client)
            : $import->expired();
        if ([] !== $faults) {
            return $this->render(
                'quilt/import.html.twig',
                [
                    'text' => mb_substr(mb_scrub($text), 0, 20_000),
                    'client' => $client,
                    'key' => $key,
                    'faults' => $faults,
                ],
                new Response(status: Response::HTTP_UNPROCESSABLE_ENTITY),
            );
        }
        $quilt = $entry->enter($person->studio(), $import->quilt($text, $client, $key), $import->sheet($text));

        return $this->redirectToRoute(
            'app_quilt_stage',
            ['id' => $quilt->id(), 'stage' => 'backing'],
            Response::HTTP_SEE_OTHER,
        );
    }

    #[Route('/quilts/{id}/about', name: 'app_quilt_about', methods: ['GET', 'POST'])]
    public function about(
        Ulid $id,
        #[CurrentUser] Person $person,
        Request $request,
        QuiltRepository $quilts,
        StudioFrameRepository $frames,
        SheetChanges $changes,
        ClientBook $clients,
        ClientRepository $known,
    ): Response {
        $quilt = $quilts->findOneOf($person->studio(), $id) ?? throw $this->createNotFoundException();
        $input = NewQuilt::of($quilt);
        $form = $this->createForm(NewQuiltType::class, $input, [
            'frames' => $frames->findOf($person->studio()),
        ])->handleRequest($request);
        if ($form->isSubmitted() && $form->isValid()) {
            $quilt->describe($input->title, $input->client, $input->due, $input->frame);
            // An erased client does not come back by their quilt being renamed.
            $isNobodys = $quilt->carriesOthers() || (null === $quilt->whose() && Client::REMOVED === $input->client);
            if (!$isNobodys) {
                $quilt->belongTo($clients->named($person->studio(), $input->client));
            }
            $changes->judge($quilt);
            $this->addFlash('draft', 'quilt-' . $id);

            return $this->redirectToRoute(
                'app_quilt_stage',
                ['id' => $id, 'stage' => 'measure'],
                Response::HTTP_SEE_OTHER,
            );
        }

        return $this->render('quilt/about.html.twig', [
            'form' => $form,
            'quilt' => $quilt,
            'key' => (string) new Ulid(),
            'names' => $known->findNames($person->studio()),
        ]);
    }
}
