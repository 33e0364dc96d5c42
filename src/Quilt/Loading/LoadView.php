<?php

declare(strict_types=1);

namespace App\Quilt\Loading;

use Schwung\Core\Loading\Setup;
use Schwung\Core\Loading\StepList;
use Schwung\Core\Measure\Phrase;

/** How a quilt will be loaded, as stage Load shows it. */
final readonly class LoadView
{
    public function __construct(public Setup $setup, public StepList $steps)
    {
    }

    public function sentence(): Phrase
    {
        $minutes = (int) round($this->steps->minutes() / 5) * 5;
        $time = $minutes < 60 ? "$minutes minutes" : \sprintf('%d h %02d', intdiv($minutes, 60), $minutes % 60);

        return Phrase::of("{$this->steps->count()} steps, about $time (an estimate).");
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
