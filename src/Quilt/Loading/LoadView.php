<?php

declare(strict_types=1);

namespace App\Quilt\Loading;

use Schwung\Core\Loading\Group;
use Schwung\Core\Loading\Setup;
use Schwung\Core\Loading\Step;
use Schwung\Core\Loading\StepList;
use Schwung\Core\Measure\LengthWriter;
use Schwung\Core\Measure\Phrase;
use Schwung\Core\Measure\UnitSystem;

/** How a quilt will be loaded, as stage Load shows it. */
final readonly class LoadView
{
    /** Of a column on paper. */
    private const LETTERS_A_LINE = 72;

    public function __construct(public Setup $setup, public StepList $steps)
    {
    }

    public function sentence(): Phrase
    {
        $minutes = (int) round($this->steps->minutes() / 5) * 5;
        $time = $minutes < 60 ? "$minutes minutes" : \sprintf('%d h %02d', intdiv($minutes, 60), $minutes % 60);

        return Phrase::of("{$this->steps->count()} steps, about $time (an estimate).");
    }

    /**
     * The steps in two columns that are about as long on paper.
     *
     * @return array{list<Step>, list<Step>}
     */
    public function columns(): array
    {
        $writer = new LengthWriter(UnitSystem::Inches);
        $lines = array_map(static fn (Step $step): float => 0.6 + ceil((mb_strlen($step->text->do->writtenBy($writer)) + (Group::Pass === $step->group ? 0 : mb_strlen($step->text->caution?->writtenBy($writer) ?? ''))) / self::LETTERS_A_LINE), $this->steps->steps);
        [$half, $sum, $left] = [array_sum($lines) / 2, 0.0, 0];
        while ($left < \count($lines) && $sum < $half) {
            $sum += $lines[$left++];
        }

        return [\array_slice($this->steps->steps, 0, $left), \array_slice($this->steps->steps, $left)];
    }

    public function bobbins(): Phrase
    {
        $runsOut = $this->setup->thread->runsOut;

        return Phrase::of(match (true) {
            [] === $runsOut => 'One bobbin is likely to do.',
            1 === \count($runsOut) => "A bobbin is likely to run out in pass $runsOut[0].",
            default => 'Bobbins are likely to run out in passes '.implode(', ', \array_slice($runsOut, 0, -1)).' and '.$runsOut[\count($runsOut) - 1].'.',
        });
    }
}
