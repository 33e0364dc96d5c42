<?php

declare(strict_types=1);

namespace Tests\Core\Season;

use Schwung\Core\Advance\Pass;
use Schwung\Core\Direction\Criterion;
use Schwung\Core\Exchange\Exception\FaultyDocument;
use Schwung\Core\Exchange\JobReader;
use Schwung\Core\Exchange\PlanWriter;
use Schwung\Core\Job\JobParts;
use Schwung\Core\Loading\BastingRule;
use Schwung\Core\Loading\ParkFor;
use Schwung\Core\Loading\Parking;
use Schwung\Core\Loading\VoidChoices;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\LengthWriter;
use Schwung\Core\Measure\Phrase;
use Schwung\Core\Plan\Stage;
use Schwung\Core\Practice\Body;
use Schwung\Core\Practice\Hand;
use Schwung\Core\Practice\Practice;
use Schwung\Core\Practice\Thickness;
use Schwung\Core\Preparation\FetchList;
use Schwung\Core\Preparation\Foresight;
use Schwung\Core\Preparation\KeptWay;
use Schwung\Core\Preparation\Known;
use Schwung\Core\Preparation\NoDesign;
use Schwung\Core\Preparation\NoLeaders;
use Schwung\Core\Preparation\PassesSentence;
use Schwung\Core\Preparation\Preparation;
use Schwung\Core\Sizing\BedPlacing;
use Schwung\Core\Sizing\TrimLines;

/** Quilts made ready: the sentence, the standings, what is found, what is promised, and marks of the plan's parts. */
final readonly class Quilts implements Account
{
    private const MOMENT = '2027-03-03T09:00:00+00:00';

    public function pages(): int
    {
        return 240;
    }

    public function page(int $number): iterable
    {
        try {
            $job = (new JobReader())->read(Season::quilt($number));
        } catch (FaultyDocument $faulty) {
            yield from explode("\n", $faulty->getMessage());

            return;
        }
        $preparation = new Preparation(
            new Known(
                parts: JobParts::of($job),
                practice: 0 === $number % 5 ? self::practice() : new Practice(),
                leaders: 0 === $number % 4 ? new NoLeaders() : new SeasonLeaders($number),
                design: 0 === $number % 2
                    ? new NoDesign()
                    : new SeasonDesign(['waves', 'loops'][intdiv($number, 2) % 2]),
                body: new Body(0 === $number % 3 ? Hand::Left : Hand::Right),
            ),
        );
        /** @var array{sentence: string, standings: array<string, string>, findings: list<array{code: string}>} $document */
        $document = (new PlanWriter($preparation))->document();
        yield $document['sentence'];
        yield implode(' ', $document['standings']);
        yield implode(' ', array_column($document['findings'], 'code')) ?: 'nothing found';
        $writer = new LengthWriter($job->units);
        foreach ($preparation->promises() as $promise) {
            yield $promise->text->writtenBy($writer);
        }
        foreach (
            [\array_slice($document, 4), self::workings($preparation), self::drawn($preparation, $number)]
            as $parts
        ) {
            yield implode(
                ' ',
                array_map(
                    static fn(mixed $part, string $name): string => "$name:" . Words::mark($part),
                    $parts,
                    array_keys($parts),
                ),
            );
        }
    }

    /** @return array<string, mixed> */
    private static function workings(Preparation $preparation): array
    {
        $plan = $preparation->kept();
        $setup = $preparation->setup();
        $holding = $preparation->holding();
        $moment = new \DateTimeImmutable(self::MOMENT);

        return [
            'plan' => $plan,
            'holding' => $holding,
            'setup' => $setup,
            'void' => null === $setup ? null : (new VoidChoices())->of($setup),
            'fetch' =>
                null === $plan || null === $holding
                    ? null
                    : (new FetchList(new Practice()))->of($plan, $holding->ends, $preparation->isOneAlready()),
            'risks' => array_map(
                static fn(Stage $stage): array => (new Foresight([]))->risks($preparation, $stage, $moment),
                Stage::PLANNED,
            ),
        ];
    }

    /** @return array<string, mixed> what the pages show beside the plan */
    private static function drawn(Preparation $preparation, int $number): array
    {
        $plan = $preparation->kept();
        if (null === $plan) {
            return [];
        }
        $other = new Preparation(Known::ofJob((new JobReader())->read(Season::quilt($number + 1))));
        $way = $plan->chosenPlan();
        $setup = $preparation->setup();

        return [
            'sentence' => (new PassesSentence())->of($preparation),
            'passes' => array_map(
                static fn(Pass $pass): array => [$pass->depth(), $pass->rollDiameter(), $pass->spareWorked()],
                $way->course->passes->passes ?? [],
            ),
            'proposals' => $preparation->proposals(),
            'remedies' => $preparation->remedies(),
            'choice' => [
                $plan->choice->sentence(),
                $plan->choice->deciding(),
                array_map(static fn(Criterion $cost): Phrase => $cost->of($plan->chosen()), $plan->choice->costs()),
            ],
            'kept' => (new KeptWay())->toKeep($preparation, $other),
            'bed' => (new BedPlacing())->place(
                $plan->job->top,
                $plan->job->backing,
                $plan->cloth,
                $way->backing,
                $plan->chosen(),
                $plan->batting,
            ),
            'trim' => $plan->cloth->isSquareKnown ? (new TrimLines())->beyond($plan->cloth) : null,
            'pieces' => $preparation->pieces(),
            'laid' => $preparation->laid()?->places(),
            'stuck' => [$preparation->overall(), $preparation->stuck(), $preparation->isOverruled()],
            'needs' => $preparation->required(),
            'basting' => null === $setup ? null : (new BastingRule())->lines($setup),
            'parking' =>
                null === $setup
                    ? null
                    : array_map(
                        static fn(ParkFor $for): array => [
                            (new Parking())->before($setup, $for),
                            (new Parking())->onReturn($setup, $for),
                        ],
                        ParkFor::cases(),
                    ),
        ];
    }

    private static function practice(): Practice
    {
        return new Practice(
            clampBite: Length::inches(1.5),
            footClearance: Length::inches(1.75),
            battingOverhang: Length::inches(1),
            seamAllowance: Length::inches(0.375),
            squaringAllowance: Length::inches(3),
            driftPerThousand: 7,
            fullFloatDriftPerThousand: 13,
            battingRestHours: 12,
            battingBestRestHours: 30,
            sectionOverlap: Length::inches(2),
            thickness: new Thickness(['cotton' => Length::millimetres(0.4)], ['wool' => Length::millimetres(9)]),
        );
    }
}
