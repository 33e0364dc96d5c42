<?php

declare(strict_types=1);

namespace Schwung\Core\Tension\Trainer;

use Schwung\Core\Leader\LeaderCheckRule;
use Schwung\Core\Leader\Reading;
use Schwung\Core\Material\Stretch;
use Schwung\Core\Measure\Figure;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\Phrase;
use Schwung\Core\Measure\Worked;
use Schwung\Core\Tension\Bed\BedSetup;
use Schwung\Core\Tension\Bed\Cloth;
use Schwung\Core\Tension\Firmness;

/** Tells what each probe finds at a bed of the trainer, as a quilter would say it. */
final readonly class ReportRule
{
    /** From one reading of the line to the next, along the leader. */
    private const BETWEEN_READINGS_INCHES = 20;

    public function report(Exercise $exercise, Probe $probe): Report
    {
        $found = array_map(Phrase::of(...), $exercise->tracesOf($probe));

        return new Report(
            $probe,
            $exercise->seenBy($probe),
            [...$found, ...$this->readings($exercise, $probe, [] !== $found)],
            Probe::Line === $probe ? $this->line($exercise) : $this->effects($exercise, $probe),
        );
    }

    /** @return array<string, Worked> what the probe lets one see, as large as it is */
    private function effects(Exercise $exercise, Probe $probe): array
    {
        $figures = [];
        foreach ($exercise->bed->effects as $effect) {
            $isSeen = null !== $effect->symptom && \in_array($effect->symptom, $exercise->seenBy($probe), true);
            if ($isSeen && null !== $effect->size) {
                $figures[ucfirst($effect->name)] = $effect->size;
            }
        }

        return $figures;
    }

    /** @return array<string, Worked> what the readings of the line say, as a leader check says it */
    private function line(Exercise $exercise): array
    {
        $check = (new LeaderCheckRule())->check(
            array_map(
                static fn(float $distance, int $i): Reading => new Reading(
                    Length::inches(self::BETWEEN_READINGS_INCHES * ($i - 2)),
                    Length::millimetres($distance),
                ),
                $exercise->line,
                array_keys($exercise->line),
            ),
            Length::millimetres(Cloth::SPAN_MM),
        );

        return ['From longest to shortest' => $check->range, 'Tilt' => $check->tilt, 'Bow' => $check->bow];
    }

    /** @return list<Phrase> */
    private function readings(Exercise $exercise, Probe $probe, bool $isFound): array
    {
        $setup = $exercise->bed->setup;

        return match ($probe) {
            Probe::Well => $isFound || [] !== $exercise->seenBy($probe) ? [] : [Phrase::of('The bed lies flat.')],
            Probe::Roll => $this->roll($setup, $isFound),
            Probe::Sides => [
                Phrase::of(
                    'Each clamp bites %s, and they stand %s apart.',
                    Figure::measured($setup->clamps->bite->bite()),
                    Figure::measured($setup->clamps->apart),
                ),
                ...$isFound ? [] : [Phrase::of('Both sides ahead are basted.')],
            ],
            Probe::Edge => [
                Phrase::of('The pins stand %s apart.', Figure::measured($setup->pinSpacing)),
                ...$isFound ? [] : [Phrase::of('The far end of the top is held.')],
            ],
            Probe::Press => [
                $this->feels('Backing', $setup->firmness->backing),
                $this->feels('Top', $setup->firmness->top),
            ],
            Probe::Release => [
                Phrase::of(
                    'It jumps back by %s.',
                    Cloth::jump($setup->clamps, Stretch::None !== $setup->stretch)->figure,
                ),
            ],
            Probe::Measure => $this->cloth($setup, $isFound),
            Probe::Line => [
                Phrase::of(
                    'From left to right the line stands %s, %s, %s, %s and %s from the edge.',
                    ...array_map(
                        static fn(float $distance): Figure => Figure::measured(Length::millimetres($distance)),
                        $exercise->line,
                    ),
                ),
            ],
        };
    }

    /** @return list<Phrase> */
    private function roll(BedSetup $setup, bool $isFound): array
    {
        $ridge = $setup->seam->windsOnItself()
            ? [
                Phrase::of(
                    'After %s turns it stands %s proud there.',
                    (string) $setup->seam->turns,
                    Cloth::ridge($setup->seam)->figure,
                ),
            ]
            : [];

        return $isFound
            ? $ridge
            : [
                Phrase::of(
                    'Both ratchets stand alike, the leaders run as in the side view, and only the backing is in the ' .
                        'attachment.',
                ),
            ];
    }

    /** @return list<Phrase> */
    private function cloth(BedSetup $setup, bool $isFound): array
    {
        $gives = Stretch::Along === $setup->stretch;

        return [
            Phrase::of(
                $gives
                    ? 'Pulled by hand the backing gives from roller to roller, and hardly along the rails.'
                    : 'Pulled by hand the backing hardly gives, either way.',
            ),
            Phrase::of(
                $isFound
                    ? 'All else measures as it should.'
                    : 'The backing is square, the border is flat, the centres meet, and the basting lies an eighth ' .
                        'of an inch in.',
            ),
        ];
    }

    /** @param array{Firmness, Firmness, Firmness} $layer */
    private function feels(string $name, array $layer): Phrase
    {
        return Phrase::of(
            '%s: left %s, centre %s, right %s.',
            $name,
            $layer[0]->words(),
            $layer[1]->words(),
            $layer[2]->words(),
        );
    }
}
