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
            );
        }

        return new MovesOfPass([] === $forward ? 1 : $forward[0]->section, $steps);
    }

    /** Whether the first move brings the rest of the far edge within reach, with its pins. */
    private function bringsPins(Setup $setup, Wind $wind): bool
    {
        return 1 === $wind->number && !$setup->is(Purpose::Prebasted);
    }

    private function step(Move $move, int $pass, bool $bringsPins, bool $isLast): Step
    {
        $far = Figure::measured($move->distance->absolute());

        return new Step(
            "pass-$pass-move-section-{$move->section}",
            Group::Pass,
            StepKind::Move,
            new StepText(
                do: $bringsPins
                    ? Phrase::joined(
                        $move->title(),
                        Phrase::of('Baste its far edge and its sides, and take its pins out.'),
                    )
                    : $move->title(),
                why: Phrase::of(
                    'The needle does not reach the whole width: all sections of a band come before the advance.',
                ),
                check: $move->alignTo,
                otherwise: Phrase::of('Let the end clamps off on one side and shift until it does.'),
                figure: Phrase::of('%s ' . ($move->distance->isNegative() ? 'right' : 'left'), $far),
                caution: Phrase::of("Let off by hand, never all at once: $move->released"),
            ),
            Shown::Pass,
            4,
            needs: [new Setting(StatePart::Pins, '0'), new Setting(StatePart::Poles, 'held')],
            leaves: [new Setting(StatePart::SideClamps, 'on'), new Setting(StatePart::Poles, 'held')],
            pass: $pass,
            does: static fn(ClothState $cloth): ClothState => $bringsPins && $isLast
                ? $cloth->takeAny('layers-beyond')
                : $cloth,
        );
    }
}
