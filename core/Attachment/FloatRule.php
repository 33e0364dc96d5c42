<?php

declare(strict_types=1);

namespace Schwung\Core\Attachment;

use Schwung\Core\Direction\DirectionPlan;
use Schwung\Core\Job\Job;
use Schwung\Core\Measure\Figure;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\Phrase;
use Schwung\Core\Practice\FloatKind;
use Schwung\Core\Practice\Practice;

/**
 * Whether a top may float (everyday rules of the trade): a shaped edge must; a top that may drift further than its
 * side margin leaves should not; a long or heavy one wants something to hold its hanging end.
 */
final readonly class FloatRule
{
    /** From here on a hanging end pulls by its own weight. */
    private const LONG_INCHES = 84;

    public function __construct(private Practice $practice) {}

    /** @return list<FloatOption> full, part, none */
    public function options(Job $job, DirectionPlan $chosen): array
    {
        $mustFloat = $job->top->edge->mustFloat();
        $along = $job->top->along($chosen->direction);
        $free = $chosen->backing->laid
            ->leastSide()
            ->minus($this->practice->clampBite)
            ->minus($this->practice->footClearance);
        [$fullDrift, $partDrift] = [
            $this->practice->drift($along, FloatKind::Full),
            $this->practice->drift($along, FloatKind::Part),
        ];
        $advised = match (true) {
            $mustFloat, !$job->frame->kind->hasTopRoller(), !$fullDrift->isLongerThan($free) => FloatKind::Full,
            !$partDrift->isLongerThan($free) => FloatKind::Part,
            default => FloatKind::None,
        };
        $cannot = $mustFloat
            ? 'A shaped edge is never attached.'
            : ($job->frame->kind->hasTopRoller()
                ? null
                : 'This frame has no roller for the top.');

        return [
            new FloatOption(
                FloatKind::Full,
                true,
                FloatKind::Full === $advised,
                $mustFloat
                    ? Phrase::of(
                        'Fast, and kind to the shaped edge. It may drift %s; the side margin leaves %s.',
                        Figure::measured($fullDrift),
                        Figure::left($this->atLeastNothing($free)),
                    )
                    : Phrase::of(
                        'Fast. It may drift %s; the side margin leaves %s beside clamp and foot.',
                        Figure::measured($fullDrift),
                        Figure::left($this->atLeastNothing($free)),
                    ),
            ),
            new FloatOption(
                FloatKind::Part,
                null === $cannot,
                FloatKind::Part === $advised,
                null === $cannot
                    ? Phrase::of(
                        'The far end basted, the near end on its roller: it may drift %s.',
                        Figure::measured($partDrift),
                    )
                    : Phrase::of($cannot),
            ),
            new FloatOption(
                FloatKind::None,
                null === $cannot,
                FloatKind::None === $advised,
                null === $cannot
                    ? Phrase::of(
                        'Straightest, for little side margin; the far edge is bulky and out of reach of the needle.',
                    )
                    : Phrase::of($cannot),
            ),
        ];
    }

    /**
     * What holds a hanging end, best first.
     *
     * @return list<Phrase> empty where nothing hangs
     */
    public function holdingTheEnd(Job $job, DirectionPlan $chosen): array
    {
        $hasSteelBars = $job->frame->fittings->hasSteelBars;
        // Between poles all layers are held as one.
        if (FloatKind::Full !== $job->float() || !$job->frame->kind->hasLeaders()) {
            return [];
        }
        $along = $job->top->along($chosen->direction);
        $isHeavy = $along->isLongerThan(Length::inches(self::LONG_INCHES)) || $job->backing->kind->isStretchy();
        $bar = Phrase::of(
            $isHeavy
                ? 'A light bar in the last inches: %s of the top hang, and their own weight pulls them out of line.'
                : 'A light bar laid along the edge keeps the %s that hang in line.',
            Figure::measured($along),
        );
        $magnets = $hasSteelBars
            ? [Phrase::of('Magnets on the steel front bar, a hand apart; off it before the bar turns.')]
            : [];
        $noMagnets = $hasSteelBars ? [] : [Phrase::of('No magnets: the bars of this frame are not of steel.')];

        return [
            ...$isHeavy ? [$bar, ...$magnets] : [...$magnets, $bar],
            Phrase::of('Clips on the hanging edge, two hands apart.'),
            ...$noMagnets,
        ];
    }

    private function atLeastNothing(Length $length): Length
    {
        return Length::longest(Length::zero(), $length);
    }
}
