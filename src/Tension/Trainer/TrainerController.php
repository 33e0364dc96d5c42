<?php

declare(strict_types=1);

namespace App\Tension\Trainer;

use App\Account\Person;
use App\Measure\CurrentUnits;
use App\Tension\BedPicture;
use App\Tension\FinishedPicture;
use Doctrine\DBAL\Exception\UniqueConstraintViolationException;
use Psr\Clock\ClockInterface;
use Schwung\Core\Tension\Knowledge;
use Schwung\Core\Tension\Trainer\ExerciseMaker;
use Schwung\Core\Tension\Trainer\Level;
use Schwung\Core\Tension\Trainer\Probe;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;

/** The trainer: a bed with a hidden fault, to be found by looking and testing. */
#[Route('/tension/trainer', name: 'app_tension_')]
final class TrainerController extends AbstractController
{
    private const BED = ['level' => '[1-3]', 'seed' => '\d{1,5}'];

    public function __construct(private readonly TrainingRoundRepository $rounds) {}

    #[Route('', name: 'trainer', methods: ['GET'])]
    public function levels(#[CurrentUser] Person $person): Response
    {
        $progress = [];
        $isOpen = true;
        foreach (Level::cases() as $level) {
            $progress[] = $last = new Progress($level, $this->rounds->findOf($person, $level), $isOpen);
            $isOpen = $last->opensNext();
        }

        return $this->render('tension/trainer/levels.html.twig', [
            'progress' => $progress,
            'most' => ExerciseMaker::LARGEST_SEED,
        ]);
    }

    /** A bed by its number; without one, a new one. */
    #[Route('/begin', name: 'trainer_begin', methods: ['GET'])]
    public function begin(Request $request): Response
    {
        $level = Level::tryFrom((int) $request->query->getString('level')) ?? Level::One;
        $seed = filter_var($request->query->get('seed'), \FILTER_VALIDATE_INT, [
            'options' => ['min_range' => 0, 'max_range' => ExerciseMaker::LARGEST_SEED],
        ]);

        return $this->redirectToRoute('app_tension_round', [
            'level' => $level->value,
            'seed' => \is_int($seed) ? $seed : random_int(0, ExerciseMaker::LARGEST_SEED),
        ]);
    }

    #[Route('/{level}/{seed}', name: 'round', requirements: self::BED, methods: ['GET'])]
    public function round(
        int $level,
        int $seed,
        #[CurrentUser] Person $person,
        Request $request,
        CurrentUnits $units,
    ): Response {
        return $this->show(
            $this->open($level, $seed, array_filter($request->query->all(), is_string(...))),
            $person,
            $units,
        );
    }

    /** The first answer to a bed counts; after it the bed can be looked at again. */
    #[Route('/{level}/{seed}', name: 'round_answer', requirements: self::BED, methods: ['POST'])]
    #[IsCsrfTokenValid('trainer')]
    public function answer(
        int $level,
        int $seed,
        #[CurrentUser] Person $person,
        Request $request,
        CurrentUnits $units,
        ClockInterface $clock,
    ): Response {
        $fields = $request->getPayload();
        $chosen = static fn(string $name): string => implode(',', array_filter($fields->all($name), is_string(...)));
        $query = ['did' => $fields->getString('did'), 'causes' => $chosen('causes'), 'remedies' => $chosen('remedies')];
        $round = $this->open($level, $seed, $query);
        $faults = $round->exercise->level->faults();
        if (
            null === $round->guess ||
            \count($round->guess->causes) !== $faults ||
            \count($round->guess->remedies) !== $faults
        ) {
            return $this->show(
                $round,
                $person,
                $units,
                1 === $faults ? 'Choose one cause and one remedy.' : 'Choose two causes and two remedies.',
            );
        }
        if (null === $this->rounds->findBed($person, $round->exercise->level, $seed)) {
            try {
                $this->rounds->keep(
                    new TrainingRound($person, $round->exercise->level, $seed, $round->mark()->total(), $clock->now()),
                );
            } catch (UniqueConstraintViolationException) {
                // Answered twice at the same moment: the first counts.
            }
        }

        return $this->redirectToRoute(
            'app_tension_round',
            ['level' => $level, 'seed' => $seed, ...$query],
            Response::HTTP_SEE_OTHER,
        );
    }

    /** @param array<array-key, string> $query */
    private function open(int $level, int $seed, array $query): Round
    {
        return Round::of((new ExerciseMaker(Knowledge::ofTheTrade()))->make(Level::from($level), $seed), $query);
    }

    private function show(Round $round, Person $person, CurrentUnits $units, ?string $fault = null): Response
    {
        $exercise = $round->exercise;
        $isAnswered = null !== $round->guess && null === $fault;

        return $this->render(
            'tension/trainer/round.html.twig',
            [
                'round' => $round,
                'isAnswered' => $isAnswered,
                'fault' => $fault,
                'probes' => Probe::cases(),
                'counted' => $this->rounds->findBed($person, $exercise->level, $exercise->seed),
                'picture' => (new BedPicture($units->system()))->draw($exercise->bed, $exercise->seen, $round->looks()),
                'finished' => $isAnswered ? FinishedPicture::draw($exercise->bed) : null,
            ],
            null === $fault ? null : new Response(status: Response::HTTP_UNPROCESSABLE_ENTITY),
        );
    }
}
