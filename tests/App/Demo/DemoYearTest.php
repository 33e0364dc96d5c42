<?php

declare(strict_types=1);

namespace Tests\App\Demo;

use App\Account\PersonRepository;
use App\Account\Studio;
use App\Demo\DemoCommand;
use App\Demo\DemoYear;
use App\Demo\ProblemCopies;
use App\Tension\LoggedProblem;
use App\Tension\ProblemLog;
use PHPUnit\Framework\Attributes\CoversClass;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Schwung\Core\Tension\Pattern;
use Schwung\Core\Tension\PatternRule;
use Schwung\Core\Tension\Sighting;
use Symfony\Bundle\FrameworkBundle\Console\Application;
use Symfony\Component\Console\Tester\CommandTester;
use Tests\App\StudioTestCase;

#[CoversClass(DemoCommand::class)]
#[CoversClass(DemoYear::class)]
#[CoversClass(ProblemCopies::class)]
final class DemoYearTest extends StudioTestCase
{
    private const EMAIL = 'year@schwung.example';
    private const SEED = 20_261_124;
    private const ROUNDS = 200;

    public function testWhatComesBackInTheDemosYearIsFoundAndNothingIsOnceItIsShuffled(): void
    {
        $studio = $this->demo(0);
        $loads = $this->service(ProblemLog::class)->loads($studio);
        $seen = $this->sightings($studio);
        $patterns = (new PatternRule())->find($loads, $seen);

        self::assertSame(
            ['The middle hangs, centre, on 5 of the last 12 loads, whatever was on it.'],
            array_map(static fn(Pattern $pattern): string => $pattern->sentence(), $patterns),
        );
        $chance = new Randomizer(new Mt19937(self::SEED));
        $all = array_merge([], ...array_values($loads));
        $rounds = array_map(
            fn(): int => \count((new PatternRule())->find($loads, $this->shuffled($seen, $all, $chance))),
            range(1, self::ROUNDS),
        );

        self::assertSame(0, $rounds[0], 'with this seed nothing comes back');
        self::assertLessThanOrEqual(
            self::ROUNDS / 20,
            \count(array_filter($rounds)),
            'and no more often than the level of the test says',
        );
    }

    public function testAsManyProblemsAsAreAskedForAreSharedOut(): void
    {
        self::assertCount(
            \count($this->service(ProblemLog::class)->problems($this->demo(0))) + 45,
            $this->service(ProblemLog::class)->problems($this->demo(45, 'more-' . self::EMAIL)),
        );
    }

    private function demo(int $problems, string $email = self::EMAIL): Studio
    {
        self::assertNotNull(self::$kernel);
        (new CommandTester((new Application(self::$kernel))->find('app:demo')))->execute([
            '--email' => $email,
            '--problems' => (string) $problems,
        ]);

        return $this->service(PersonRepository::class)
            ->findOneBy(['email' => $email])
            ?->studio() ?? throw new \LogicException('The demo has an owner.');
    }

    /** @return list<Sighting> */
    private function sightings(Studio $studio): array
    {
        return array_values(
            array_map(
                static fn(LoggedProblem $problem): Sighting => $problem->sighting(),
                array_filter(
                    $this->service(ProblemLog::class)->problems($studio),
                    static fn(LoggedProblem $problem): bool => $problem->hasPlace(),
                ),
            ),
        );
    }

    /**
     * @param list<Sighting> $seen
     * @param list<string>   $loads
     *
     * @return list<Sighting> the same, each on a load drawn by chance
     */
    private function shuffled(array $seen, array $loads, Randomizer $chance): array
    {
        return array_map(
            static fn(Sighting $sighting): Sighting => new Sighting(
                $loads[$chance->getInt(0, \count($loads) - 1)],
                $sighting->symptom,
                $sighting->zone,
            ),
            $seen,
        );
    }
}
