<?php

declare(strict_types=1);

namespace Tests\Core\Season;

use Schwung\Core\Exchange\JobReader;
use Schwung\Core\Measure\Length;
use Schwung\Core\Preparation\CircumstancesRule;
use Schwung\Core\Preparation\Known;
use Schwung\Core\Preparation\Preparation;
use Schwung\Core\Running\EntryKind;
use Schwung\Core\Running\Journal;
use Schwung\Core\Running\JournalEntry;
use Schwung\Core\Running\Remaining;
use Schwung\Core\Tension\Symptom;
use Tests\Core\Jobs;

/** Logs of loads, with steps jumped over, undone, parked and corrected: where the work stands by them. */
final readonly class Logs implements Account
{
    private const STARTED = '2027-03-03T09:00:00+00:00';

    public function pages(): int
    {
        return 48;
    }

    public function page(int $number): iterable
    {
        $lot = new Lot($number);
        $files = glob(__DIR__ . '/../Exchange/documents/*.job.json') ?: [];
        $document = json_decode(
            (string) file_get_contents($files[$number % max(1, \count($files))]),
            true,
            flags: \JSON_THROW_ON_ERROR,
        );
        $preparation = new Preparation(Known::ofJob((new JobReader())->read($document)));
        if (null === $preparation->steps()) {
            $preparation = Jobs::prepared([]);
        }
        [$steps, $setup] = [$preparation->steps(), $preparation->setup()];
        if (null === $steps || null === $setup) {
            yield 'no steps';

            return;
        }
        $keys = array_map(static fn($step): string => $step->key, $steps->steps);
        $started = new \DateTimeImmutable(self::STARTED);
        $entries = $this->entries($lot, $keys, $started);
        $journal = new Journal($steps, $entries, $started);
        yield \sprintf(
            'at %d of %d%s%s, %.2f min',
            $journal->place(),
            \count($keys),
            $journal->isFinished() ? ', finished' : '',
            $journal->isParked() ? ', parked' : '',
            $journal->minutesWorked(),
        );
        yield 'frame ' . Words::of($journal->state());
        yield 'not so ' . Words::of($journal->unmet());
        yield 'felt ' . Words::of([$journal->firmness(), $journal->jumped()]);
        yield 'readings ' . Words::of($journal->registerReadings());
        yield 'drift ' . Words::of($journal->drift(Length::inches($lot->of([1, 2, 4])), Length::inches(90)));
        yield 'left ' .
            Words::of(
                array_map(
                    static fn(int $done): string => (string) json_encode(Remaining::after($setup->winding, $done)),
                    [0, 1, $journal->passesStitched($setup->winding)],
                ),
            );
        foreach ($journal->problems() as $problem) {
            yield "$problem->key about " .
                \count($journal->about($problem->key)) .
                ' known ' .
                Words::mark(
                    (new CircumstancesRule($preparation->known, $setup))->ofFault(
                        $steps,
                        $journal,
                        $problem,
                        $started,
                        [],
                    ),
                );
        }
        yield Words::mark($journal->minutes()) . ' ' . Words::mark(array_keys($journal->done()));
    }

    /**
     * @param list<string> $keys
     *
     * @return list<JournalEntry>
     */
    private function entries(Lot $lot, array $keys, \DateTimeImmutable $started): array
    {
        $entries = [];
        $second = 0;
        $write = static function (EntryKind $kind, ?string $step, array $data = []) use (
            &$entries,
            &$second,
            $lot,
            $started,
        ): void {
            /** @var array<string, mixed> $data */
            $second += $lot->of([20, 90, 301, 20_000]);
            $entries[] = new JournalEntry(
                'e' . \count($entries),
                $kind,
                $step,
                $started->modify("+$second seconds"),
                $data,
            );
        };
        $feel = static fn(): array => [$lot->between(1, 4), $lot->between(1, 4), $lot->between(1, 4)];
        foreach (\array_slice($keys, 0, $lot->between(1, \count($keys))) as $key) {
            if (!$lot->isOf(6)) {
                $write(EntryKind::Done, $key);
            }
            match ($lot->between(1, 24)) {
                1 => $write(EntryKind::Undone, $lot->of($keys)),
                2, 3, 4, 5 => $write(EntryKind::Register, $key, [
                    'wound' => 25.4 * $lot->of([0, 9, 18, 27, 36, 45]),
                    'left' => $lot->between(-20, 40) / 5,
                    'right' => $lot->between(-20, 40) / 5,
                ]),
                6 => $write(EntryKind::Firmness, $key, ['backing' => $feel(), 'top' => $feel()]),
                7 => $write(EntryKind::Release, $key, ['jumped' => $lot->of([0, 3, 6.5])]),
                8 => $write(EntryKind::State, $key, [
                    'part' => $lot->of(['channel lock', 'stitch', 'foot', 'no part']),
                    'is' => $lot->of(['off', 'across', 'basting', 'disc', 'quilting']),
                ]),
                9 => $write(EntryKind::Park, $key),
                10 => $write(EntryKind::Resume, $key),
                11 => $write(EntryKind::Correction, $key, ['of' => 'e' . $lot->between(0, \count($entries))]),
                12 => $write(EntryKind::Problem, $key, [
                    'x' => $lot->of([-600, -100, 0, 300]),
                    'seen' => $lot->word(Symptom::class),
                ]),
                13 => $write(EntryKind::Looked, $key, ['of' => 'e' . $lot->between(0, \count($entries))]),
                default => null,
            };
        }

        return $entries;
    }
}
