<?php

declare(strict_types=1);

namespace Schwung\Core\Sizing;

use Schwung\Core\Job\Load;
use Schwung\Core\Material\End;
use Schwung\Core\Measure\Figure;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\Term;
use Schwung\Core\Measure\Worked;
use Schwung\Core\Practice\Practice;

/**
 * Rule 3, last half: the margins that the squared-up cloth really leaves beyond the top, a geometric fact.
 *
 * What is over or missing across is shared by both sides. The lead keeps what was asked for; where along is short it
 * gives up half of what is missing, but never what its hold and standoff need. The tail has the rest, which may be
 * below zero.
 */
final readonly class LaidRule
{
    public function __construct(private Practice $practice) {}

    /**
     * @param Length $across of the cloth as it lies
     * @param Length $along  of the cloth as it lies
     */
    public function laid(RequiredSize $required, Load $load, Length $across, Length $along): Margins
    {
        $over = $across->minus($required->across->length());
        $lead = $this->lead($required, $load, $along);

        return new Margins(
            $lead,
            $this->tail($required, $along, $lead->length()),
            $this->side($required->margins->left, $over),
            $this->side($required->margins->right, $over),
        );
    }

    private function side(Worked $asked, Length $over): Worked
    {
        $isMissing = $over->isNegative();
        $half = $over->half();

        return new Worked(
            Figure::left($asked->length()->plus($half)),
            $isMissing
                ? 'The margin asked for, less half of what is missing across.'
                : 'The margin asked for, and half of what is over across.',
            [
                new Term('asked for', $asked->figure, 'margin'),
                $isMissing
                    ? new Term('half of what is missing', Figure::missing($half->negated()), 'backing, squared up')
                    : new Term('half of what is over', Figure::left($half), 'backing, squared up'),
            ],
        );
    }

    private function lead(RequiredSize $required, Load $load, Length $along): Worked
    {
        $asked = $required->margins->lead;
        $missing = $required->along->length()->minus($along);
        if (!$missing->isPositive()) {
            return new Worked(Figure::left($asked->length()), 'The margin asked for: the cloth is long enough.', [
                new Term('asked for', $asked->figure, 'margin'),
            ]);
        }
        $least = Length::shortest($asked->length(), $this->practice->grip($load->lead, End::Lead)->total());

        return new Worked(
            Figure::left(Length::longest($least, $asked->length()->minus($missing->half()))),
            'The margin asked for, less half of what is missing along, but no less than its hold needs.',
            [
                new Term('asked for', $asked->figure, 'margin'),
                new Term('half of what is missing', Figure::missing($missing->half()), 'backing, squared up'),
                new Term('needed by the hold', Figure::needed($least), $load->lead->words()),
            ],
        );
    }

    private function tail(RequiredSize $required, Length $along, Length $lead): Worked
    {
        $top = $required->along->terms[0]->amount;

        return new Worked(
            Figure::left($along->minus($top->length)->minus($lead)),
            'What is left of the cloth beyond the lead margin and the top.',
            [
                new Term('there', Figure::left($along), 'backing, squared up'),
                new Term('top', $top, 'measured, the largest'),
                new Term('lead margin', Figure::left($lead), 'as laid'),
            ],
        );
    }
}
