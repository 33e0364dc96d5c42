<?php

declare(strict_types=1);

namespace Schwung\Core\Sizing;

use Schwung\Core\Job\Load;
use Schwung\Core\Material\EdgeKind;
use Schwung\Core\Material\End;
use Schwung\Core\Measure\Figure;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\Term;
use Schwung\Core\Measure\Worked;
use Schwung\Core\Practice\FloatKind;
use Schwung\Core\Practice\MarginSchool;
use Schwung\Core\Practice\Practice;

/**
 * Rule 3, first half: how much backing is wanted beyond the top at each loaded edge.
 *
 * The schools are habits of the trade; the worked-out margin adds what the hold uses up, what must stay clear,
 * the clamps' bite, the foot's clearance and a drift allowance (an estimate).
 */
final readonly class MarginRule
{
    public function __construct(private Practice $practice) {}

    /** @param Length $loadedLength the top's size from roller to roller */
    public function margins(Load $load, Length $loadedLength, EdgeKind $edge): Margins
    {
        $side = match ($load->school) {
            MarginSchool::WorkedOut => $this->workedOutSide($load, $loadedLength, $edge),
            MarginSchool::Custom => null,
            default => $this->school($load->school),
        };
        $custom = $load->custom;

        return new Margins(
            $this->end($load, End::Lead),
            $this->end($load, End::Tail),
            $side ?? $this->asked($custom?->left),
            $side ?? $this->asked($custom?->right),
        );
    }

    private function end(Load $load, End $end): Worked
    {
        $system = $load->holdingAt($end);
        $grip = $this->practice->grip($system, $end);
        $least = new Worked(Figure::needed($grip->total()), 'What the hold uses up and what must stay clear of it.', [
            new Term('used up by the hold', Figure::needed($grip->usedUp), $system->words()),
            new Term('kept clear before the top', Figure::needed($grip->standoff), $system->words()),
        ]);
        if (MarginSchool::WorkedOut === $load->school) {
            return $least;
        }
        if (MarginSchool::Custom === $load->school) {
            return $this->asked(End::Lead === $end ? $load->custom?->lead : $load->custom?->tail);
        }
        $school = $this->school($load->school);

        return new Worked(
            Figure::needed(Length::longest($school->length(), $least->length())),
            'The larger of the school and what the hold needs: a school cannot overrule the hand.',
            [...$school->terms, ...$least->terms],
        );
    }

    private function school(MarginSchool $school): Worked
    {
        $margin = $this->practice->schoolMargin($school) ?? Length::zero();

        return new Worked(Figure::needed($margin), 'The school in force.', [
            new Term('margin', Figure::needed($margin), $school->words()),
        ]);
    }

    private function asked(?Length $margin): Worked
    {
        $margin ??= Length::zero();

        return new Worked(Figure::needed($margin), 'Set by hand for this quilt.', [
            new Term('margin', Figure::needed($margin), 'set by hand'),
        ]);
    }

    private function workedOutSide(Load $load, Length $loadedLength, EdgeKind $edge): Worked
    {
        $float = $edge->mustFloat() ? FloatKind::Full : $load->float;
        $drift = $this->practice->drift($loadedLength, $float);
        $source = isset($this->practice->taught->drift[$float->value]) ? 'learnt on this frame' : 'estimate';

        return new Worked(
            Figure::needed($this->practice->clampBite->plus($this->practice->footClearance, $drift)),
            'The bite of the side clamps, room for the foot, and what the top may drift on its way.',
            [
                new Term('clamp bite', Figure::needed($this->practice->clampBite), 'studio'),
                new Term('foot clearance', Figure::needed($this->practice->footClearance), 'studio'),
                new Term(
                    'drift allowance',
                    Figure::needed($drift),
                    \sprintf(
                        '%s %% of the loaded length, %s float (%s)',
                        $this->practice->driftAllowed($float) / 10,
                        FloatKind::None === $float ? 'no' : $float->value,
                        $source,
                    ),
                ),
            ],
        );
    }
}
