<?php

declare(strict_types=1);

namespace Schwung\Core\Loading;

use Schwung\Core\Advance\Move;
use Schwung\Core\Advance\MoveKind;
use Schwung\Core\Advance\Wind;
use Schwung\Core\Measure\Figure;
use Schwung\Core\Measure\Phrase;
use Schwung\Core\Practice\Purpose;

/**
 * The moves sideways within a pass on a clamp frame.
 *
 * @internal
 */
final readonly class MoveSteps
{
    public function sideways(Setup $setup, Wind $wind): MovesOfPass
    {
        if (\count($setup->winding->sections) < 2) {
            return new MovesOfPass(null, []);
        }
        $ofPass = array_values(
            array_filter($setup->winding->moves, static fn(Move $move): bool => $move->pass === $wind->number),
        );
        $forward = array_values(
            array_filter($ofPass, static fn(Move $move): bool => MoveKind::Forward === $move->kind),
        );
        $sideways = array_values(
            array_filter($ofPass, static fn(Move $move): bool => MoveKind::Sideways === $move->kind),
        );
        $steps = [];
        foreach ($sideways as $move) {
            $steps[$move->section] = $this->step(
                $move,
                $wind->number,
                $this->bringsPins($setup, $wind),
                \count($setup->winding->sections) === $move->section,
                $setup->is(Purpose::Prebasted),
            );
        }

        return new MovesOfPass([] === $forward ? 1 : $forward[0]->section, $steps);
    }

    /** Whether the first move brings the rest of the far edge within reach, with its pins. */
    private function bringsPins(Setup $setup, Wind $wind): bool
    {
        return 1 === $wind->number && !$setup->is(Purpose::Prebasted);
    }

    private function step(Move $move, int $pass, bool $bringsPins, bool $isLast, bool $isPrebasted): Step
    {
        $far = Figure::measured($move->distance->absolute());
        $datum = "datum-$pass-{$move->section}";
        $line = new LineIn(LineKind::Datum, null, false);

        return new Step(
            "pass-$pass-move-section-{$move->section}",
            Group::Pass,
            StepKind::Move,
            new StepText(
                do: Phrase::joined(
                    Phrase::of(
                        $isPrebasted
                            ? 'Mark the border of this section.'
                            : 'Baste a datum: a line at the border of this section and along the foot of the window.',
                    ),
                    $move->title(),
                    ...$bringsPins ? [Phrase::of('Baste its far edge and its sides, and take its pins out.')] : [],
                ),
                why: Phrase::of(
                    'The needle does not reach the whole width: all sections of a band come before the advance.',
                ),
                check: Phrase::joined($move->alignTo, Phrase::of('The design meets itself over the border.')),
                otherwise: Phrase::of('Let the end clamps off on one side and shift until it does.'),
                figure: Phrase::of('%s ' . ($move->distance->isNegative() ? 'right' : 'left'), $far),
                caution: Phrase::of("Let off by hand, never all at once: $move->released"),
            ),
            Shown::Pass,
            $isPrebasted ? 4 : 5.5,
            needs: [new Setting(StatePart::Pins, '0'), new Setting(StatePart::Poles, 'held')],
            leaves: [new Setting(StatePart::SideClamps, 'on'), new Setting(StatePart::Poles, 'held')],
            pass: $pass,
            does: static function (ClothState $cloth) use (
                $bringsPins,
                $isLast,
                $isPrebasted,
                $datum,
                $line,
            ): ClothState {
                $cloth = $bringsPins && $isLast ? $cloth->takeAny('layers-beyond') : $cloth;

                return $isPrebasted ? $cloth : $cloth->baste($datum, $line)->pick($datum);
            },
            ticks: array_map(Phrase::of(...), [
                ...$isPrebasted ? [] : ['The datum basted, at the border and along the foot.'],
                'All clamps off but one at the back, and laid beside the frame, not on it.',
                'Slid over, clamps on again, both ends and sides.',
                ...$isPrebasted ? [] : ['Lined up by the datum; the datum pulled before it is crossed.'],
                'The overlap of the design looked at.',
            ]),
        );
    }
}
