<?php

declare(strict_types=1);

namespace App\Demo;

use App\Account\PersonRepository;
use App\Account\SignUp;
use App\Account\Studio;
use App\Account\StudioOpening;
use App\AtTheFrame\OffSheet;
use App\Frames\StudioFrame;
use App\Quilt\NewQuilt;
use App\Quilt\Quilt;
use App\Quilt\QuiltEntry;
use Doctrine\ORM\EntityManagerInterface;
use Psr\Clock\ClockInterface;
use Schwung\Core\Measure\UnitSystem;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;
use Symfony\Component\Console\Style\SymfonyStyle;

/** Fills the demo studio once; run again, it leaves everything as it is. */
#[AsCommand('app:demo', 'Loads the made-up studio of the demo')]
final class DemoCommand extends Command
{
    public const EMAIL = 'demo@schwung.example';
    public const PASSWORD = 'demo-on-the-rail';

    public function __construct(
        private readonly PersonRepository $people,
        private readonly StudioOpening $opening,
        private readonly EntityManagerInterface $entities,
        private readonly QuiltEntry $entry,
        private readonly ShelfCopies $copies,
        private readonly ClockInterface $clock,
        private readonly DemoRuns $runs,
        private readonly DemoYear $year,
        private readonly ProblemCopies $problems,
        private readonly DemoWeek $week,
        private readonly DemoPeople $clients,
        private readonly DemoShelf $shelf,
    ) {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addOption('email', null, InputOption::VALUE_REQUIRED, 'Who signs in', self::EMAIL)
            ->addOption(
                'quilts',
                null,
                InputOption::VALUE_REQUIRED,
                'How many quilts, the shelf repeated as often as it takes',
                '31',
            )
            ->addOption(
                'waiting',
                null,
                InputOption::VALUE_REQUIRED,
                'How many of them wait; the others, those that are due last, are finished',
            )
            ->addOption(
                'problems',
                null,
                InputOption::VALUE_REQUIRED,
                'How many more problems in the logs, at places drawn from a fixed seed',
                '0',
            );
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $email = $input->getOption('email');
        $wanted = $input->getOption('quilts');
        $problems = $input->getOption('problems');
        $waiting = $input->getOption('waiting');
        if (!\is_string($email) || !is_numeric($wanted) || !is_numeric($problems)) {
            return Command::INVALID;
        }
        if ($this->people->isTaken($email)) {
            return Command::SUCCESS;
        }
        // All or nothing: a demo that was broken off would never be finished.
        $this->entities->wrapInTransaction(function () use ($email, $wanted, $problems, $waiting): void {
            $studio = $this->fill($email, (int) $wanted, (int) $problems);
            if (is_numeric($waiting)) {
                $this->copies->finish($studio, (int) $waiting);
            }
        });
        (new SymfonyStyle($input, $output))->writeln('The demo studio is loaded.');

        return Command::SUCCESS;
    }

    private function fill(string $email, int $wanted, int $problems): Studio
    {
        $demo = new DemoStudio();
        $owner = $this->opening->open(
            new SignUp('Tideloft Quilting', $email, self::PASSWORD, UnitSystem::Inches, 'Europe/Vienna'),
        );
        $owner->rename('Maren Tideloft');
        $studio = $owner->studio();
        $frames = [];
        foreach ($demo->frames() as $name => $measures) {
            $frames[] = $frame = new StudioFrame($studio, $name, $measures);
            $frame->equip(...$demo->equipment()[$name]);
            $this->entities->persist($frame);
        }
        (new DemoLeaders($this->entities))->fill($frames[0], $frames[2], $this->clock->now());
        $this->entities->flush();
        $today = $this->clock->now()->setTimezone($studio->timeZone());
        [$quilts, $entered] = [$demo->quilts($today), []];
        foreach (\array_slice($quilts, 0, $wanted) as $i => $quilt) {
            $input = new NewQuilt();
            [$input->title, $input->client] = [$quilt->title, $quilt->client];
            $input->due = $today->setTime(0, 0)->modify($quilt->dueInDays . ' days');
            $input->frame = $frames[$quilt->frame];
            $input->key = \sprintf('demo-quilt-%012d', $i);
            $entered[$quilt->title] = $this->entry->enter($studio, $input, $quilt->sheet());
        }
        $this->putOnFrames($entered, $today);
        if (isset($entered['Paper boats'])) {
            $this->year->fill($frames, $entered['Paper boats']->sheet(), $today);
        }
        $this->week->fill($studio, $entered, $today);
        $this->clients->fill($studio, $entered, $today);
        $this->shelf->fill($studio, $entered);
        $this->copies->fill($studio, $wanted - \count($quilts));
        $this->problems->fill($studio, $problems);

        return $studio;
    }

    /** @param array<string, Quilt> $quilts by title */
    private function putOnFrames(array $quilts, \DateTimeImmutable $today): void
    {
        if (isset($quilts['Nine winds'])) {
            $this->runs->half($quilts['Nine winds'], $today->modify('-1 day')->setTime(9, 10), 4);
        }
        if (isset($quilts['Slow river'])) {
            $this->runs->parked($quilts['Slow river'], $today->modify('-15 days')->setTime(9, 30), 2);
        }
        if (isset($quilts['Paper boats'])) {
            $this->runs->whole(
                $quilts['Paper boats'],
                $today->modify('-8 days')->setTime(9, 0),
                OffSheet::fromArray([
                    'curl' => 'to-back',
                    'thread' => 'grey cotton, 40',
                    'bobbins' => 2,
                    'design' => 'Waves',
                    'leftovers' => 'two strips of backing',
                    'nextTime' => 'One click less on the backing.',
                ]),
            );
        }
        $this->entities->flush();
    }
}
