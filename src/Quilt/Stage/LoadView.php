<?php

declare(strict_types=1);

namespace App\Quilt\Stage;

use Schwung\Core\Job\Overruling;
use Schwung\Core\Loading\Group;
use Schwung\Core\Loading\Setup;
use Schwung\Core\Loading\Step;
use Schwung\Core\Loading\StepKind;
use Schwung\Core\Loading\StepList;
use Schwung\Core\Measure\LengthWriter;
use Schwung\Core\Measure\Phrase;
use Schwung\Core\Measure\UnitSystem;
use Schwung\Core\Plan\Finding;

/**
 * How a quilt will be loaded, and whether it may.
 *
 * Made with named arguments.
 */
final readonly class LoadView
{
    /** Of a column on paper. */
    private const LETTERS_A_LINE = 56;

    /**
     * @param Setup|null      $setup      null while there is nothing to load
     * @param list<Finding>   $stuck      what keeps the quilt off its frame
     * @param Overruling|null $overruling why it goes on all the same, where that was said of all that is stuck
     * @param list<Phrase>    $promises   what is still to be done before it is loaded
     * @param list<Finding>   $warnings   of other stages that matter while loading
     * @param array<string, Phrase> $voids why a choice changes nothing here, by its path
     */
    public function __construct(
        public ?Setup $setup,
        public ?StepList $steps,
        public bool $mayStart,
        public array $stuck,
        public ?Overruling $overruling,
        public array $promises,
        public array $warnings,
        public array $voids,
    ) {}

    public function sentence(): Phrase
    {
        if (null === $this->steps) {
            return Phrase::of('The steps follow once batting and quilting are chosen.');
        }
        $loading = self::time($this->steps->minutesOfLoading());
        $all = self::time($this->steps->minutes());

        return Phrase::of("{$this->steps->count()} steps: loaded in about $loading, off in about $all (estimates).");
    }

    private static function time(float $minutes): string
    {
        $minutes = (int) round($minutes / 5) * 5;

        // A time is not broken at the end of a line.
        return $minutes < 60
            ? "$minutes\u{a0}min"
            : \sprintf("%d\u{a0}h\u{a0}%02d", intdiv($minutes, 60), $minutes % 60);
    }

    /**
     * The steps that paper tells, in two columns that are about as long: of the passes the first two, since all others go
     * like the second.
     *
     * @return array{list<Step>, list<Step>}
     */
    public function columns(): array
    {
        $writer = new LengthWriter(UnitSystem::Inches);
        $told = array_values(array_filter($this->steps->steps ?? [], $this->isTold(...)));
        $lines = array_map(
            static fn(Step $step): float => 0.6 +
                ceil(
                    (mb_strlen($step->text->do->writtenBy($writer)) +
                        (Group::Pass === $step->group
                            ? 0
                            : mb_strlen($step->text->caution?->writtenBy($writer) ?? ''))) /
                        self::LETTERS_A_LINE,
                ),
            $told,
        );
        [$half, $sum, $left] = [array_sum($lines) / 2, 0.0, 0];
        while ($left < \count($lines) && $sum < $half) {
            $sum += $lines[$left++];
        }

        return [\array_slice($told, 0, $left), \array_slice($told, $left)];
    }

    /** Whether there are passes that go like the second. */
    public function repeats(): bool
    {
        return ($this->setup?->winding->count() ?? 0) > 2;
    }

    /** Whether paper tells this step. */
    public function isTold(Step $step): bool
    {
        return Group::Pass !== $step->group ||
            null === $step->pass ||
            $step->pass < 3 ||
            StepKind::Turn === $step->kind;
    }

    public function bobbins(): Phrase
    {
        $runsOut = $this->setup->thread->runsOut ?? [];

        return Phrase::of(
            match (true) {
                [] === $runsOut => 'One bobbin is likely to do.',
                1 === \count($runsOut) => "A bobbin is likely to run out in pass $runsOut[0].",
                default => 'Bobbins are likely to run out in passes ' .
                    implode(', ', \array_slice($runsOut, 0, -1)) .
                    ' and ' .
                    $runsOut[\count($runsOut) - 1] .
                    '.',
            },
        );
    }
}
