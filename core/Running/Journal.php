<?php

declare(strict_types=1);

namespace Schwung\Core\Running;

use Schwung\Core\Advance\Change;
use Schwung\Core\Advance\Refit;
use Schwung\Core\Advance\Winding;
use Schwung\Core\Learning\RollReading;
use Schwung\Core\Learning\StrainRule;
use Schwung\Core\Loading\FrameState;
use Schwung\Core\Loading\ParkFor;
use Schwung\Core\Loading\Setting;
use Schwung\Core\Loading\StatePart;
use Schwung\Core\Loading\Step;
use Schwung\Core\Loading\StepKind;
use Schwung\Core\Loading\StepList;
use Schwung\Core\Measure\Length;
use Schwung\Core\Tension\Firmness;
use Schwung\Core\Tension\FirmnessReading;

/**
 * Reads the log of a load: what is done, how the frame stands, what was read. A log is only ever added to; what was
 * corrected stays in it and counts no more.
 */
final readonly class Journal
{
    /** A longer pause between two steps is no work, whoever forgot to park. */
    private const LONGEST_STEP_MINUTES = 240.0;

    /** Of what was planned, or as much more: what an encoder saw beyond that was no one advance. */
    private const WHOLE = 0.5;

    /** @var list<JournalEntry> in the order in which they were written, without what was corrected */
    private array $standing;

    /** @param list<JournalEntry> $entries in any order */
    public function __construct(private StepList $steps, array $entries, private \DateTimeImmutable $started)
    {
        $this->standing = self::standing($entries);
    }

    /**
     * @param list<JournalEntry> $entries in any order
     *
     * @return list<JournalEntry> in order, without what was corrected
     */
    private static function standing(array $entries): array
    {
        usort(
            $entries,
            static fn(JournalEntry $one, JournalEntry $other): int => $one->at <=> $other->at ?:
            $one->key <=> $other->key,
        );
        $corrected = [];
        foreach ($entries as $entry) {
            if (EntryKind::Correction === $entry->kind) {
                $corrected[$entry->text('of')] = true;
            }
        }

        return array_values(
            array_filter($entries, static fn(JournalEntry $entry): bool => !isset($corrected[$entry->key])),
        );
    }

    /**
     * @return array<string, JournalEntry> the entry that ended each step, by the step's key; a step done on two devices
     * is done once
     */
    public function done(): array
    {
        $done = [];
        foreach ($this->standing as $entry) {
            if (EntryKind::Done === $entry->kind && null !== $entry->step) {
                $done[$entry->step] ??= $entry;
            } elseif (EntryKind::Undone === $entry->kind && null !== $entry->step) {
                unset($done[$entry->step]);
            }
        }

        return $done;
    }

    /** The place of the first step that is not done, from 0; the number of steps once all are. */
    public function place(): int
    {
        $done = $this->done();
        [$place, $isLoaded] = [null, false];
        foreach ($this->steps->steps as $i => $step) {
            if (!isset($done[$step->key])) {
                $place ??= $i;
            } elseif (StepKind::Stitch === $step->kind && !$isLoaded) {
                // What a plan asks for before the first stitch is past once that is stitched.
                [$place, $isLoaded] = [null, true];
            }
        }

        return $place ?? $this->steps->count();
    }

    public function isFinished(): bool
    {
        return $this->place() === $this->steps->count();
    }

    /** For how long it is parked, or was the last time. */
    public function parkedFor(): ParkFor
    {
        $all = $this->ofKinds(EntryKind::Park);

        return [] === $all ? ParkFor::Overnight : $this->parkedBy($all[\count($all) - 1]);
    }

    private function parkedBy(JournalEntry $entry): ParkFor
    {
        return ParkFor::tryFrom($entry->text('for')) ?? ParkFor::Overnight;
    }

    public function isParked(): bool
    {
        return null !== $this->parkedSince();
    }

    /** When it was parked, where it is; parked twice, since the first time. */
    public function parkedSince(): ?\DateTimeImmutable
    {
        $since = null;
        foreach ($this->ofKinds(EntryKind::Park, EntryKind::Resume) as $entry) {
            $since = EntryKind::Park === $entry->kind ? $since ?? $entry->at : null;
        }

        return $since;
    }

    /**
     * What the steps that are done leave, in the order in which they were done, and what was set right by hand since;
     * while it is parked, as it was slackened.
     */
    public function state(): FrameState
    {
        $state = $this->steps->start;
        $before = null;
        $done = $this->done();
        foreach ($this->standing as $entry) {
            $place =
                EntryKind::Done === $entry->kind && null !== $entry->step && ($done[$entry->step] ?? null) === $entry
                    ? $this->steps->placeOf($entry->step)
                    : null;
            if (null !== $place) {
                $state = $state->with($this->steps->steps[$place]->leaves);
            } elseif (EntryKind::Park === $entry->kind) {
                // Twice parked, it comes back to how it stood before the first.
                $before ??= $state;
                $state = $before->with($this->parkedBy($entry)->leaves());
            } elseif (EntryKind::Resume === $entry->kind) {
                [$state, $before] = [$before ?? $state, null];
            } elseif (EntryKind::Firmness === $entry->kind) {
                $felt = $this->felt($entry)?->inTheStrip();
                $state = null === $felt ? $state : $state->with([new Setting(StatePart::Firmness, $felt)]);
            } elseif (EntryKind::State === $entry->kind) {
                $part = StatePart::tryFrom($entry->text('part'));
                $state =
                    null !== $part && $part->accepts($entry->text('is'))
                        ? $state->with([new Setting($part, $entry->text('is'))])
                        : $state;
            }
        }

        return $state;
    }

    /** @return list<Setting> what the step at hand needs and the frame, as far as is known, has not */
    public function unmet(): array
    {
        $step = $this->steps->steps[$this->place()] ?? null;

        return null === $step ? [] : $this->state()->unmet($step->needs);
    }

    /** How many passes are stitched. */
    public function passesStitched(Winding $winding): int
    {
        $done = $this->done();
        $stitched = 0;
        foreach ($winding->winds as $wind) {
            $ofPass = array_filter(
                $this->steps->steps,
                static fn(Step $step): bool => StepKind::Stitch === $step->kind && $step->pass === $wind->number,
            );
            $stitched +=
                [] !== $ofPass && [] === array_filter($ofPass, static fn(Step $step): bool => !isset($done[$step->key]))
                    ? 1
                    : 0;
        }

        return $stitched;
    }

    /**
     * Rows that were ticked of each pass, in halves; of a pass in sections, those that all its open sections have.
     *
     * @return array<int, float> by the pass
     */
    public function rowsTicked(): array
    {
        [$byStep, $done, $ticked] = [[], $this->done(), []];
        foreach ($this->ofKinds(EntryKind::Rows) as $entry) {
            $byStep[$entry->step ?? ''] = $entry->number('rows');
        }
        foreach ($this->steps->steps as $step) {
            if (StepKind::Stitch === $step->kind && null !== $step->pass && !isset($done[$step->key])) {
                $rows = $byStep[$step->key] ?? 0.0;
                $ticked[$step->pass] = min($rows, $ticked[$step->pass] ?? $rows);
            }
        }

        return array_filter($ticked);
    }

    public function remaining(Winding $winding): Remaining
    {
        return Remaining::after($winding, $this->passesStitched($winding), $this->rowsTicked());
    }

    /** @return list<RegisterReading> one for each length wound on, the last that was read there */
    public function registerReadings(): array
    {
        $readings = [];
        foreach ($this->ofKinds(EntryKind::Register, EntryKind::Done) as $entry) {
            if (EntryKind::Done === $entry->kind) {
                // Turned round, the quilt hangs anew, and what is wound on is counted anew.
                $readings = 'turn-off' === $entry->step ? [] : $readings;
                continue;
            }
            $wound = Length::millimetres($entry->number('wound'));
            $readings[$wound->nanometres] = new RegisterReading(
                $wound,
                Length::millimetres($entry->number('left')),
                Length::millimetres($entry->number('right')),
            );
        }
        ksort($readings);

        return array_values($readings);
    }

    /**
     * What was changed of the passes at the frame, before there are steps to read the log by.
     *
     * @param list<JournalEntry> $entries in any order
     *
     * @return list<Change> in the order in which they were kept
     */
    public static function changes(array $entries): array
    {
        $changes = [];
        foreach (self::standing($entries) as $entry) {
            $length = static fn(string $name): Length => Length::millimetres($entry->number($name));
            if (EntryKind::Thickness === $entry->kind) {
                $changes[] = new Change((int) $entry->number('passes'), thickness: $length('mm'));
            } elseif (EntryKind::Refit === $entry->kind) {
                $changes[] = new Change(
                    (int) $entry->number('passes'),
                    refit: new Refit(
                        (int) $entry->number('from'),
                        $length('begins'),
                        $length('height'),
                        $length('gap'),
                    ),
                );
            }
        }

        return $changes;
    }

    /**
     * How thick the roll was found: taped, by clicks that were counted, or by the turns of an encoder at an advance.
     *
     * @return array<string, RollReading> by the keys of their entries, in order
     */
    public function rollReadings(Winding $winding, ?int $teeth): array
    {
        $readings = [];
        foreach ($this->ofKinds(EntryKind::Roll, EntryKind::Done) as $entry) {
            $reading =
                EntryKind::Done === $entry->kind ? $this->advanced($entry, $winding) : $this->taped($entry, $teeth);
            if (null !== $reading) {
                $readings[$entry->key] = $reading;
            }
        }

        return $readings;
    }

    private function taped(JournalEntry $entry, ?int $teeth): ?RollReading
    {
        $length = static fn(string $name): Length => Length::millimetres($entry->number($name));
        if (isset($entry->data['clicks'])) {
            $turns = null === $teeth ? 0.0 : $entry->number('clicks') / $teeth;

            return $turns > 0 && $length('to')->isLongerThan($length('from'))
                ? RollReading::advance($length('from'), $length('to'), $turns)
                : null;
        }

        return RollReading::round($length('wound'), $length('round'));
    }

    /** What an encoder saw of an advance; null where it saw none, or no whole one. */
    private function advanced(JournalEntry $entry, Winding $winding): ?RollReading
    {
        $step = $this->steps->steps[$this->steps->placeOf($entry->step ?? '') ?? -1] ?? null;
        if (StepKind::Advance !== $step?->kind || null === $step->pass || $step->pass < 2) {
            return null;
        }
        [$before, $pass] = [$winding->at($step->pass - 1)->pass, $winding->at($step->pass)->pass];
        [$turns, $planned] = [$entry->number('turns'), $before->turns ?? 0.0];

        return $planned > 0 && $turns > self::WHOLE * $planned && $turns < $planned / self::WHOLE
            ? RollReading::advance($before->wound, $pass->wound, $turns)
            : null;
    }

    /** @return list<array{float, float}> turns that an encoder saw and clicks that were counted of the same advance */
    public function clicksAgainstTurns(): array
    {
        [$turns, $pairs] = [[], []];
        foreach ($this->ofKinds(EntryKind::Done, EntryKind::Roll) as $entry) {
            $pass = $this->steps->steps[$this->steps->placeOf($entry->step ?? '') ?? -1]->pass ?? null;
            if (EntryKind::Done === $entry->kind && $entry->number('turns') > 0) {
                $turns[$pass ?? 0] = $entry->number('turns');
            } elseif (isset($entry->data['clicks'], $turns[$pass ?? 0])) {
                $pairs[] = [$turns[$pass ?? 0], $entry->number('clicks')];
            }
        }

        return $pairs;
    }

    /** @return list<JournalEntry> readings of one kind, in order */
    public function readings(EntryKind $kind): array
    {
        return $this->ofKinds($kind);
    }

    public function drift(Length $sideMargin, Length $along): Drift
    {
        return (new DriftRule($sideMargin, $along))->judge($this->registerReadings());
    }

    /** The last feel of both layers; null while nobody felt. */
    public function firmness(): ?FirmnessReading
    {
        foreach (array_reverse($this->ofKinds(EntryKind::Firmness)) as $entry) {
            $felt = $this->felt($entry);
            if (null !== $felt) {
                return $felt;
            }
        }

        return null;
    }

    private function felt(JournalEntry $entry): ?FirmnessReading
    {
        $layers = array_map(
            static fn(string $layer): array => array_values(
                array_filter(array_map(Firmness::tryFrom(...), $entry->steps($layer))),
            ),
            ['backing', 'top'],
        );

        return 3 === \count($layers[0]) && 3 === \count($layers[1])
            ? new FirmnessReading(
                [$layers[0][0], $layers[0][1], $layers[0][2]],
                [$layers[1][0], $layers[1][1], $layers[1][2]],
            )
            : null;
    }

    /** @return list<array{string, int, float}> layer, step of its firmness in the centre and strain, where both were read */
    public function strains(): array
    {
        [$strains, $felt] = [[], null];
        foreach ($this->ofKinds(EntryKind::Firmness, EntryKind::Strain) as $entry) {
            if (EntryKind::Firmness === $entry->kind) {
                $felt = $this->felt($entry) ?? $felt;
                continue;
            }
            $strain = $this->strain($entry);
            if (null !== $strain && null !== $felt) {
                $layer = 'top' === $entry->text('layer') ? 'top' : 'backing';
                $strains[] = [$layer, ('top' === $layer ? $felt->top : $felt->backing)[1]->value, $strain];
            }
        }

        return $strains;
    }

    /** Null where the two marks cannot be so. */
    public function strain(JournalEntry $entry): ?float
    {
        try {
            return (new StrainRule())->strain(
                Length::millimetres($entry->number('apart')),
                Length::millimetres($entry->number('loaded')),
            );
        } catch (\InvalidArgumentException) {
            return null;
        }
    }

    /** How far the cloth jumped at the last release test; null while there was none. */
    public function jumped(): ?Length
    {
        $all = $this->ofKinds(EntryKind::Release);

        return [] === $all ? null : Length::millimetres($all[\count($all) - 1]->number('jumped'));
    }

    /**
     * Minutes that each step took: since the step before it, or since work was taken up again.
     *
     * @return array<string, float> by the step's key
     */
    public function minutes(): array
    {
        [$since, $paused, $minutes, $done] = [$this->started, null, [], $this->done()];
        foreach ($this->standing as $entry) {
            if (EntryKind::Park === $entry->kind) {
                $paused ??= $entry->at;
            } elseif (EntryKind::Resume === $entry->kind && null !== $paused) {
                // The pause is no work; what was worked before it belongs to the step that ends after it.
                $since = $since->modify(
                    \sprintf('+%d milliseconds', (int) max(0, 1000 * $this->secondsBetween($paused, $entry->at))),
                );
                $paused = null;
            } elseif (
                EntryKind::Done === $entry->kind &&
                null !== $entry->step &&
                ($done[$entry->step] ?? null) === $entry
            ) {
                // What was done before it was written down here took nobody knows how long.
                if (!$entry->isSet('entered')) {
                    $minutes[$entry->step] = max(
                        0.0,
                        min(self::LONGEST_STEP_MINUTES, $this->secondsBetween($since, $entry->at) / 60),
                    );
                }
                $since = $entry->at;
            }
        }

        return $minutes;
    }

    private function secondsBetween(\DateTimeImmutable $from, \DateTimeImmutable $to): float
    {
        return (float) $to->format('U.v') - (float) $from->format('U.v');
    }

    public function minutesWorked(): float
    {
        return array_sum($this->minutes());
    }

    /** @return list<JournalEntry> what was looked for, tested and done of a problem, in order */
    public function about(string $problem): array
    {
        return array_values(
            array_filter(
                $this->ofKinds(EntryKind::Looked, EntryKind::Tested, EntryKind::Fixed),
                static fn(JournalEntry $entry): bool => $problem === $entry->text('of'),
            ),
        );
    }

    /** @return list<JournalEntry> */
    public function problems(): array
    {
        return $this->ofKinds(EntryKind::Problem);
    }

    /** @return list<JournalEntry> */
    private function ofKinds(EntryKind ...$kinds): array
    {
        return array_values(
            array_filter(
                $this->standing,
                static fn(JournalEntry $entry): bool => \in_array($entry->kind, $kinds, true),
            ),
        );
    }
}
