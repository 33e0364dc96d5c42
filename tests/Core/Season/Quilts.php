<?php

declare(strict_types=1);

namespace Tests\Core\Season;

use Schwung\Core\Exchange\Exception\FaultyDocument;
use Schwung\Core\Exchange\JobReader;
use Schwung\Core\Exchange\PlanWriter;
use Schwung\Core\Loading\VoidChoices;
use Schwung\Core\Measure\LengthWriter;
use Schwung\Core\Plan\Stage;
use Schwung\Core\Practice\Hand;
use Schwung\Core\Preparation\FetchList;
use Schwung\Core\Preparation\Foresight;
use Schwung\Core\Preparation\Known;
use Schwung\Core\Preparation\Preparation;

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
        $known = Known::ofJob($job);
        $preparation = new Preparation(
            new Known(
                parts: $known->parts,
                practice: $known->practice,
                hand: 0 === $number % 3 ? Hand::Left : Hand::Right,
                hasSteelBars: 0 === $number % 2,
            ),
        );
        /** @var array{sentence: string, standings: array<string, string>, findings: list<array{code: string}>} $document */
        $document = (new PlanWriter($preparation))->document();
        yield $document['sentence'];
        yield implode(' ', $document['standings']);
        yield implode(' ', array_column($document['findings'], 'code')) ?: 'nothing found';
        $writer = new LengthWriter($job->units);
        foreach ($preparation->promises() as $promise) {
            yield $promise->writtenBy($writer);
        }
        foreach ([\array_slice($document, 4), self::workings($preparation)] as $parts) {
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
                    : (new FetchList())->of($plan, $holding->ends, $preparation->isOneAlready()),
            'risks' => array_map(
                static fn(Stage $stage): array => (new Foresight([]))->risks($preparation, $stage, $moment),
                Stage::PLANNED,
            ),
        ];
    }
}
