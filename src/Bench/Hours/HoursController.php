<?php

declare(strict_types=1);

namespace App\Bench\Hours;

use App\Account\LinkSecret;
use App\Account\Person;
use App\Bench\Plan\BenchPlanRepository;
use App\Bench\Plan\QueueChanges;
use App\Bench\Plan\Queues;
use Psr\Clock\ClockInterface;
use Schwung\Core\Loading\StepKind;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Routing\Generator\UrlGeneratorInterface;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;
use Symfony\Component\Security\Http\Attribute\IsGranted;

/** When the studio works, what it has learnt of its times, and the link by which calendars read its queue. */
#[Route('/settings/hours', name: 'app_bench_hours')]
final class HoursController extends AbstractController
{
    public function __construct(
        private readonly StudioHoursRepository $hours,
        private readonly BenchPlanRepository $plans,
        private readonly QueueChanges $changes,
        private readonly ClockInterface $clock,
    ) {}

    #[Route('', name: '', methods: ['GET', 'POST'])]
    public function edit(#[CurrentUser] Person $person, Request $request): Response
    {
        $hours = $this->hours->of($person->studio());
        $form = $this->createForm(HoursType::class, HoursInput::of($hours))->handleRequest($request);
        if ($form->isSubmitted() && $form->isValid()) {
            $hours->work($form->getData());
            $this->hours->keep($hours);
            $this->addFlash('draft', 'hours');
            $this->addFlash('done', 'The queue follows these hours.');

            return $this->redirectToRoute('app_bench_hours', status: Response::HTTP_SEE_OTHER);
        }
        $plan = $this->plans->of($person->studio());

        return $this->render(
            'bench/hours.html.twig',
            [
                'form' => $form,
                'factors' => Queues::factors($plan->factors())->byKind,
                'kinds' => array_column(StepKind::cases(), null, 'value'),
                'hasLink' => $plan->hasLink(),
            ],
            $form->isSubmitted() ? new Response(status: Response::HTTP_UNPROCESSABLE_ENTITY) : null,
        );
    }

    /** What was learnt of one kind of step teaches no more; what is done from now on does. */
    #[Route('/forget/{kind}', name: '_forget', methods: ['POST'])]
    #[IsCsrfTokenValid('hours')]
    public function forget(StepKind $kind, #[CurrentUser] Person $person): Response
    {
        $plan = $this->plans->of($person->studio());
        $plan->forget($kind->value, $this->clock->now());
        $this->plans->keep($plan);
        $this->changes->ask($person->studio()->id());
        $this->addFlash('done', 'Forgotten; the next load teaches it anew.');

        return $this->redirectToRoute('app_bench_hours', status: Response::HTTP_SEE_OTHER);
    }

    /** A new secret link; the one before opens nothing any more. */
    #[Route('/calendar', name: '_calendar', methods: ['POST'])]
    #[IsGranted('ROLE_OWNER')]
    #[IsCsrfTokenValid('hours')]
    public function calendar(#[CurrentUser] Person $person): Response
    {
        $plan = $this->plans->of($person->studio());
        $secret = LinkSecret::make();
        $plan->open(LinkSecret::hash($secret));
        $this->plans->keep($plan);
        $this->addFlash(
            'link',
            $this->generateUrl('app_bench_calendar', ['secret' => $secret], UrlGeneratorInterface::ABSOLUTE_URL),
        );

        return $this->redirectToRoute('app_bench_hours', ['_fragment' => 'calendar'], Response::HTTP_SEE_OTHER);
    }

    #[Route('/calendar/close', name: '_calendar_close', methods: ['POST'])]
    #[IsGranted('ROLE_OWNER')]
    #[IsCsrfTokenValid('hours')]
    public function close(#[CurrentUser] Person $person): Response
    {
        $plan = $this->plans->of($person->studio());
        $plan->close();
        $this->plans->keep($plan);
        $this->addFlash('done', 'The link opens nothing any more.');

        return $this->redirectToRoute('app_bench_hours', status: Response::HTTP_SEE_OTHER);
    }
}
