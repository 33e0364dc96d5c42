<?php

declare(strict_types=1);

namespace Schwung\Core\Loading;

use Schwung\Core\Advance\Wind;
use Schwung\Core\Material\Mark;
use Schwung\Core\Measure\Figure;
use Schwung\Core\Measure\Phrase;
use Schwung\Core\Practice\Distance;

/**
 * What was noted when the quilt came in: mended at the table before it goes on, and minded at the pass in whose bed it
 * lies.
 *
 * @internal
 */
final readonly class MarkSteps
{
    /** More than these are named with their number. */
    private const MOST_TOLD = 3;

    public function addTo(Sequence $sequence, Setup $setup): void
    {
        $marks = array_values(
            array_filter($setup->plan->job->top->marks, static fn(Mark $mark): bool => $mark->wantsMending()),
        );
        if ([] !== $marks) {
            $sequence->add($this->mend($marks));
        }
    }

    /** What to mind in this bed; null where nothing was noted there. */
    public static function caution(Setup $setup, Wind $wind): ?Phrase
    {
        $here = self::inBed($setup, $wind);
        if ([] === $here) {
            return null;
        }
        $told = array_map(
            static fn(Mark $mark): Phrase => self::minded($setup, $wind, $mark),
            \array_slice($here, 0, self::MOST_TOLD),
        );
        $more = \count($here) - \count($told);

        return Phrase::joined(
            ...$told,
            ...0 === $more
                ? []
                : [Phrase::of(1 === $more ? 'One more place is marked.' : "$more more places are marked.")],
        );
    }

    /** @return list<Mark> from the lead edge */
    public static function inBed(Setup $setup, Wind $wind): array
    {
        [$top, $direction] = [$setup->plan->job->top, $setup->plan->chosen()];
        $isLast = $wind->number === $setup->winding->count();
        $marks = array_filter($top->marks, static function (Mark $mark) use ($top, $direction, $wind, $isLast): bool {
            $at = $top->fromLead($mark, $direction)->toMillimetres();

            return $at >= $wind->from && ($at < $wind->to || ($isLast && $at <= $wind->to));
        });
        usort(
            $marks,
            static fn(Mark $one, Mark $other): int => $top
                ->fromLead($one, $direction)
                ->compareTo($top->fromLead($other, $direction)),
        );

        return $marks;
    }

    private static function minded(Setup $setup, Wind $wind, Mark $mark): Phrase
    {
        [$top, $direction] = [$setup->plan->job->top, $setup->plan->chosen()];
        $fromLead = $top->fromLead($mark, $direction);
        $fromLeft = $top->fromLeft($mark, $direction);
        // Turned round, what was counted from the lead edge and the left lies the other way about.
        [$edge, $down, $side] = $wind->fromTail
            ? ['tail edge', $setup->along()->minus($fromLead), $setup->across()->minus($fromLeft)]
            : ['lead edge', $fromLead, $fromLeft];
        $lift = $setup->practice->at(Distance::FootLift);
        $isTooThick = null !== $mark->thick && $mark->thick->isLongerThan($lift);

        return Phrase::of(
            ucfirst($mark->words()) .
                ", %s from the left, %s from the $edge: {$mark->kind->caution()}." .
                ($isTooThick ? ' It stands %s high and the foot clears %s: go round it.' : ''),
            Figure::measured($side),
            Figure::measured($down),
            ...$isTooThick ? [Figure::needed($mark->thick), Figure::left($lift)] : [],
        );
    }

    /** @param non-empty-list<Mark> $marks */
    private function mend(array $marks): Step
    {
        $told = array_map(
            static fn(Mark $mark): Phrase => Phrase::of(
                ucfirst($mark->words()) .
                    ', %s from the left edge and %s from the top edge: ' .
                    $mark->kind->mending() .
                    '.',
                Figure::measured($mark->across),
                Figure::measured($mark->along),
            ),
            \array_slice($marks, 0, self::MOST_TOLD),
        );
        $more = \count($marks) - \count($told);

        return new Step(
            'mend-marks',
            Group::Ready,
            StepKind::Prepare,
            new StepText(
                do: Phrase::joined(
                    Phrase::of('Mend what was marked when it came in.'),
                    ...$told,
                    ...0 === $more ? [] : [Phrase::of("And $more more, as the drawing shows.")],
                ),
                why: Phrase::of('On the frame only half of it can be reached, and only from above.'),
                check: Phrase::of('Go round the drawing: each mark is mended or minded.'),
                otherwise: Phrase::of('Ask the client before you change what is theirs to say.'),
                figure: Phrase::of(1 === \count($marks) ? '1 place' : \count($marks) . ' places'),
            ),
            Shown::Bed,
            array_sum(array_map(static fn(Mark $mark): float => $mark->kind->minutes(), $marks)),
        );
    }
}
