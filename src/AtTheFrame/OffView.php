<?php

declare(strict_types=1);

namespace App\AtTheFrame;

use App\Tension\Inquiries;
use Schwung\Core\Bringing\BindingRule;

/** What is told of a quilt that is off its frame: why it lies as it does, and how it was drawn in. */
final readonly class OffView
{
    public function __construct(private Inquiries $inquiries, private FinishedTops $finished) {}

    public function of(RunView $view, OffSheet $off): OffTold
    {
        $seen = [];
        foreach (OffSheet::SIGHTINGS as $symptom) {
            foreach ($view->journal->problems() as $problem) {
                if (str_starts_with($problem->key, Sightings::stem($view->run, $symptom))) {
                    $inquiry = $this->inquiries->open($view, $problem->key);
                    $seen[$problem->key] = null === $inquiry ? $symptom->words() : $inquiry->sentence();
                }
            }
        }
        $expected = $this->finished->expect($view->run->quilt->studio, $view->preparation);

        return new OffTold(
            $seen,
            $expected,
            null === $off->finishedWidth || null === $off->finishedLength
                ? null
                : (new BindingRule())->length($off->finishedWidth, $off->finishedLength),
        );
    }
}
