<?php

declare(strict_types=1);

namespace App\Quilt\Stage;

use Schwung\Core\Job\Overruling;
use Schwung\Core\Job\Pin;
use Schwung\Core\Loading\Group;
use Schwung\Core\Loading\Setup;
use Schwung\Core\Loading\Step;
use Schwung\Core\Loading\StepKind;
use Schwung\Core\Loading\StepList;
use Schwung\Core\Measure\LengthWriter;
use Schwung\Core\Measure\Phrase;
use Schwung\Core\Measure\UnitSystem;
use Schwung\Core\Plan\Finding;
use Schwung\Core\Preparation\Decision;

/**
 * How a quilt will be loaded, and whether it may.
 *
 * Made with named arguments.
 */
final readonly class LoadView
{
    /** A check of so many letters is short enough for paper. */
    private const SHORT_LETTERS = 70;

    /**
     * @param Setup|null      $setup      null while there is nothing to load
     * @param list<Finding>   $stuck      what keeps the quilt off its frame
     * @param Overruling|null $overruling why it goes on all the same, where that was said of all that is stuck
     * @param list<Decision>  $promises   what is to be done before it is loaded
     * @param list<Pin>       $pins       what was kept, with who has done it
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
        public array $pins = [],
    ) {}

    /** Who has done a promise and when; null while nobody has. */
    public function done(Decision $promise): ?Pin
    {
        $pin = Pin::among($this->pins, $promise->key);

        return true === $pin?->isDone() ? $pin : null;
    }

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

    /** @return list<Step> those that paper tells: of the passes the first two, since all others go like the second */
    public function told(): array
    {
        return array_values(array_filter($this->steps->steps ?? [], $this->isTold(...)));
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

    /** What paper says to look at: where it is said in few words. */
    public function checkOnPaper(Step $step): ?Phrase
    {
        $isShort =
            mb_strlen($step->text->check->writtenBy(new LengthWriter(UnitSystem::Inches))) <= self::SHORT_LETTERS;

        return $isShort && !\in_array($step->kind, [StepKind::Prepare, StepKind::Set], true)
            ? $step->text->check
            : null;
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
        $passes = $this->setup?->thread->bobbinPasses() ?? [];

        return Phrase::of(
            match (true) {
                [] === $passes => 'One bobbin is likely to do.',
                1 === \count($passes) => "The bobbin is changed in pass $passes[0].",
                default => 'The bobbin is changed in passes ' . Phrase::listed(array_map(strval(...), $passes)) . '.',
            },
        );
    }
}
