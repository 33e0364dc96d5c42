<?php

declare(strict_types=1);

namespace App\Shelf\Thread;

use App\Account\Person;
use App\Clients\ClientRepository;
use Psr\Clock\ClockInterface;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\Form\FormInterface;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;
use Symfony\Component\Uid\Ulid;

/** Cones of thread: put on the shelf, weighed or measured again, used up. */
#[Route('/shelf/threads', name: 'app_shelf_thread_')]
final class ThreadController extends AbstractController
{
    public function __construct(
        private readonly ShelfThreadRepository $threads,
        private readonly ClientRepository $clients,
    ) {}

    #[Route('/new', name: 'new', methods: ['GET', 'POST'], priority: 1)]
    public function new(#[CurrentUser] Person $person, Request $request): Response
    {
        $input = new ThreadInput();
        $form = $this->form($input, $person)->handleRequest($request);
        $key = $request->getPayload()->getString('key');
        $key = Ulid::isValid($key) ? $key : (string) new Ulid();
        if ($form->isSubmitted() && $form->isValid()) {
            $thread = $this->threads->findOneByKey($person->studio(), $key) ?? new ShelfThread($person->studio(), $key);
            $thread->describe($input);
            $this->threads->keep($thread);

            return $this->done("{$thread->colour()} is on the shelf.", 'thread-new');
        }

        return $this->shown($form, null, $key);
    }

    #[Route('/{id}', name: 'edit', methods: ['GET', 'POST'])]
    public function edit(Ulid $id, #[CurrentUser] Person $person, Request $request): Response
    {
        $thread = $this->thread($id, $person);
        $input = ThreadInput::of($thread);
        $form = $this->form($input, $person)->handleRequest($request);
        if ($form->isSubmitted() && $form->isValid()) {
            $this->threads->alone($thread, static fn() => $thread->describe($input));

            return $this->done('Written down.', "thread-$id");
        }

        return $this->shown($form, $thread, '');
    }

    #[Route('/{id}/leave', name: 'leave', methods: ['POST'])]
    #[IsCsrfTokenValid('shelf')]
    public function leave(Ulid $id, #[CurrentUser] Person $person, ClockInterface $clock): Response
    {
        $thread = $this->thread($id, $person);
        $thread->leave($clock->now());
        $this->threads->save();

        return $this->done("{$thread->colour()} is off the shelf.", "thread-$id");
    }

    private function done(string $words, string $draft): Response
    {
        $this->addFlash('draft', $draft);
        $this->addFlash('done', $words);

        return $this->redirectToRoute('app_shelf_threads', status: Response::HTTP_SEE_OTHER);
    }

    /** @return FormInterface<ThreadInput> */
    private function form(ThreadInput $input, Person $person): FormInterface
    {
        return $this->createForm(ThreadType::class, $input, ['clients' => $this->clients->findOf($person->studio())]);
    }

    /** @param FormInterface<ThreadInput> $form */
    private function shown(FormInterface $form, ?ShelfThread $thread, string $key): Response
    {
        return $this->render(
            'shelf/thread.html.twig',
            ['form' => $form, 'thread' => $thread, 'key' => $key],
            $form->isSubmitted() ? new Response(status: Response::HTTP_UNPROCESSABLE_ENTITY) : null,
        );
    }

    private function thread(Ulid $id, Person $person): ShelfThread
    {
        return $this->threads->findOneOf($person->studio(), $id) ?? throw $this->createNotFoundException();
    }
}
