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
    /** Of the letters on paper, in points. */
    private const POINTS = 7.8;
    private const MOST_POINTS = 9.0;
    private const LEAST_POINTS = 6.4;
    /** So many letters of one point go into a line of a column. */
    private const LETTERS_TIMES_POINTS = 335;
    /** The box and the number before a step. */
    private const NUMBER_LETTERS = 5;
    private const LINE_OF_POINT_MM = 0.395;
    private const AFTER_MM = 0.7;
    private const HEADING_MM = 5.6;
    private const LINE_MM = 4.5;
    /** Estimates of lines are now and then a little short. */
    private const SURE = 0.97;

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
    public function columns(float $points = self::POINTS): array
    {
        $told = $this->told();
        $left = self::inLeft(self::heights($this->letters($told), $points));

        return [\array_slice($told, 0, $left), \array_slice($told, $left)];
    }

    /**
     * The largest letters, in points, with which every step stands on the second side of this paper: nine where the load
     * is short.
     *
     * @param float $millimetres the height that is there
     */
    public function points(float $millimetres): float
    {
        $room = self::SURE * ($millimetres - self::LINE_MM * (\count($this->promises) + 2 * \count($this->stuck)));
        $told = $this->told();
        $letters = $this->letters($told);
        $groups = array_map(static fn(Step $step): string => $step->group->value, $told);
        for ($points = self::MOST_POINTS; $points > self::LEAST_POINTS; $points -= 0.1) {
            $heights = self::heights($letters, $points);
            $left = self::inLeft($heights);
            $column = static fn(int $from, ?int $count): float => array_sum(\array_slice($heights, $from, $count)) +
                self::HEADING_MM * \count(array_unique(\array_slice($groups, $from, $count)));
            if (max($column(0, $left), $column($left, null)) <= $room) {
                return round($points, 1);
            }
        }

        return self::LEAST_POINTS;
    }

    /** @return list<Step> */
    private function told(): array
    {
        return array_values(array_filter($this->steps->steps ?? [], $this->isTold(...)));
    }

    /**
     * @param list<Step> $told
     *
     * @return list<int> how many letters each has on paper
     */
    private function letters(array $told): array
    {
        $writer = new LengthWriter(UnitSystem::Inches);

        return array_map(
            fn(Step $step): int => self::NUMBER_LETTERS +
                mb_strlen($step->text->do->writtenBy($writer)) +
                mb_strlen($this->cautionOnPaper($step)?->writtenBy($writer) ?? ''),
            $told,
        );
    }

    /**
     * @param list<int> $letters
     *
     * @return list<float> how high each step is in a column on paper, in millimetres; an estimate
     */
    private static function heights(array $letters, float $points): array
    {
        return array_map(
            static fn(int $count): float => ceil(($count * $points) / self::LETTERS_TIMES_POINTS) *
                $points *
                self::LINE_OF_POINT_MM +
                self::AFTER_MM,
            $letters,
        );
    }

    /**
     * @param list<float> $heights
     *
     * @return int how many of them make the left column
     */
    private static function inLeft(array $heights): int
    {
        [$half, $sum, $left] = [array_sum($heights) / 2, 0.0, 0];
        while ($left < \count($heights) && $sum < $half) {
            $sum += $heights[$left++];
        }

        return $left;
    }

    /**
     * What paper warns of at a step: each caution where it first matters at the frame; what is done at the table before
     * and in every pass goes without.
     */
    public function cautionOnPaper(Step $step): ?Phrase
    {
        if (null === $step->text->caution || \in_array($step->group, [Group::Ready, Group::Pass], true)) {
            return null;
        }
        foreach ($this->steps->steps ?? [] as $other) {
            if (Group::Ready !== $other->group && $other->text->caution == $step->text->caution) {
                return $other->key === $step->key ? $step->text->caution : null;
            }
        }

        return null;
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
