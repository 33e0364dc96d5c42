<?php

declare(strict_types=1);

namespace App\Bench\Calendar;

use App\Account\LinkSecret;
use App\Account\Person;
use App\Bench\Plan\BenchPlanRepository;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;

/** The queue as a calendar: for whoever has the secret link, and as a file for those who are signed in. */
final class CalendarController extends AbstractController
{
    public function __construct(private readonly BenchPlanRepository $plans) {}

    #[
        Route(
            '/calendar/{secret}.ics',
            name: 'app_bench_calendar',
            requirements: ['secret' => LinkSecret::PATTERN],
            methods: ['GET'],
        ),
    ]
    public function link(string $secret, Request $request): Response
    {
        $plan = $this->plans->findOneByLink(LinkSecret::hash($secret)) ?? throw $this->createNotFoundException();

        return $this->answer($plan->calendar(), $request);
    }

    #[Route('/bench/calendar.ics', name: 'app_bench_calendar_file', methods: ['GET'])]
    public function download(#[CurrentUser] Person $person, Request $request): Response
    {
        $response = $this->answer($this->plans->of($person->studio())->calendar(), $request);
        $response->headers->set('Content-Disposition', 'attachment; filename=bench.ics');

        return $response;
    }

    private function answer(string $calendar, Request $request): Response
    {
        // Before the queue was worked out for the first time there is nothing in it.
        $calendar = '' === $calendar ? CalendarWriter::blank() : $calendar;
        $response = new Response($calendar, headers: ['Content-Type' => 'text/calendar; charset=utf-8']);
        $response->setEtag(hash('xxh128', $calendar))->setPrivate()->setMaxAge(60);
        $response->isNotModified($request);

        return $response;
    }
}
