<?php

declare(strict_types=1);

namespace App\Clients\Home;

use App\Account\Person;
use App\Clients\Bag\IntakeRepository;
use App\Measure\CurrentUnits;
use App\Platform\Download;
use App\Quilt\Loading\Paper;
use App\Quilt\Loading\Pdf;
use App\Quilt\Quilt;
use App\Quilt\QuiltRepository;
use Psr\Clock\ClockInterface;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;
use Symfony\Component\Uid\Ulid;

/** The way home: a list that both look at, and a sheet that the client takes along. */
#[Route('/quilts/{id}', name: 'app_clients_home')]
final class HomeController extends AbstractController
{
    public function __construct(
        private readonly QuiltRepository $quilts,
        private readonly HandOvers $handOvers,
        private readonly IntakeRepository $intakes,
        private readonly CurrentUnits $units,
    ) {}

    #[Route('/home', name: '', methods: ['GET'])]
    public function home(Ulid $id, #[CurrentUser] Person $person): Response
    {
        return $this->render('home/show.html.twig', ['home' => $this->handOvers->of($this->quilt($id, $person))]);
    }

    #[Route('/home/{step}', name: '_go', requirements: ['step' => 'tick|gone|back'], methods: ['POST'])]
    #[IsCsrfTokenValid('home')]
    public function go(
        Ulid $id,
        string $step,
        #[CurrentUser] Person $person,
        Request $request,
        ClockInterface $clock,
    ): Response {
        $quilt = $this->quilt($id, $person);
        $home = $this->handOvers->of($quilt);
        $intake = $home->intake;
        if ('back' === $step) {
            $intake->takeBack();
        } else {
            $sent = $request->getPayload()->all('ticked');
            $intake->tick(
                array_values(
                    array_filter(
                        array_map(static fn(HandOverLine $line): string => $line->key, $home->lines),
                        static fn(string $key): bool => \in_array($key, $sent, true),
                    ),
                ),
            );
        }
        if ('gone' === $step) {
            if ($quilt->isLoaded()) {
                $this->addFlash('fault', 'It is still on its frame: take it off first.');
            } elseif (!$home->isTicked() && !$request->getPayload()->has('despite')) {
                $this->addFlash('fault', 'Not everything is ticked. Look at it together, or let it go all the same.');
            } else {
                $intake->handOver($person->name(), $clock->now());
                if (!$quilt->isFinished()) {
                    $quilt->finish($clock->now());
                }
            }
        }
        $this->intakes->keep($intake);

        return $this->redirectToRoute('app_clients_home', ['id' => $id], Response::HTTP_SEE_OTHER);
    }

    /** What the client takes along: size, materials, care and binding, in their units. */
    #[Route('/home.pdf', name: '_pdf', methods: ['GET'])]
    public function sheet(Ulid $id, #[CurrentUser] Person $person, Request $request, Pdf $pdf): Response
    {
        $quilt = $this->quilt($id, $person);
        $this->units->choose($quilt->whose()?->units() ?? $person->units());
        $paper = Paper::tryFrom($request->query->getString('paper')) ?? Paper::at($person->studio()->timeZone());

        return Download::of(
            $pdf->of(
                $this->renderView('home/pdf.html.twig', [
                    'home' => $this->handOvers->of($quilt),
                    'fonts' => Pdf::FONTS,
                ]),
                $paper,
            ),
            Pdf::TYPE,
            'your-quilt.pdf',
        );
    }

    private function quilt(Ulid $id, Person $person): Quilt
    {
        return $this->quilts->findOneOf($person->studio(), $id) ?? throw $this->createNotFoundException();
    }
}
