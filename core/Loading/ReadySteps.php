<?php

declare(strict_types=1);

namespace Schwung\Core\Loading;

use Schwung\Core\Frame\HoldingSystem;
use Schwung\Core\Measure\Figure;
use Schwung\Core\Measure\Phrase;
use Schwung\Core\Practice\Purpose;
use Schwung\Core\Practice\Stitches;
use Schwung\Core\Sizing\BattingCheck;

/**
 * Room, machine and cloth before anything goes on the frame, and the centres of everything.
 *
 * @internal
 */
final readonly class ReadySteps
{
    public function addTo(Sequence $sequence, Setup $setup): void
    {
        $sequence->add($this->room($setup), $this->machine($setup), $this->thread($setup));
        if (!$setup->is(Purpose::Prebasted)) {
            (new MarkSteps())->addTo($sequence, $setup);
            (new TableSteps())->addTo($sequence, $setup);
        }
        if (!$setup->is(Purpose::Prebasted) && null !== $setup->plan->batting) {
            $sequence->add($this->batting($setup->plan->batting));
        }
        if ($setup->isHeldBy(HoldingSystem::Zip)) {
            $sequence->add($this->zips());
        }
        $sequence->add($this->centres($setup));
    }

    private function room(Setup $setup): Step
    {
        $hangs = $setup->plan->chosenPlan()->backing->required->along;

        return new Step(
            'room',
            Group::Ready,
            StepKind::Prepare,
            new StepText(
                do: Phrase::of(
                    'Sweep the floor under the frame, wipe the rails, and clear what is stored there: up to %s of ' .
                        'cloth will hang free.',
                    $hangs->figure,
                ),
                why: Phrase::of('The backing touches the floor and runs over every rail.'),
                check: Phrase::of('A hand along the rails stays clean; nothing stands below.'),
                otherwise: Phrase::of('Wipe again, and let what was wet dry before cloth comes near.'),
                caution: Phrase::of('Hanging cloth and cords trip; a mopped floor is slippery.'),
            ),
            Shown::Side,
            4,
        );
    }

    private function machine(Setup $setup): Step
    {
        [$foot, $chosen] = [$setup->foot(), $setup->chosenFoot()];
        $stops = $setup->habits->needle;

        return new Step(
            'machine',
            Group::Ready,
            StepKind::Prepare,
            new StepText(
                do: Phrase::of(
                    'Clean the lint out of the bobbin area, oil, put in a new needle and the ' .
                        "{$chosen->foot->words()}; set the needle to stop {$stops->words()}.",
                ),
                why: Phrase::of("Lint and a blunt needle look like bad tension. The foot: {$chosen->reason}"),
                check: Phrase::of('The head runs the whole rail without a catch.'),
                otherwise: Phrase::of('Look for lint and threads on wheels and rails.'),
                caution: Phrase::of(
                    "Machine off before hands come to needle, foot or oil. The maker's manual comes first.",
                ),
            ),
            Shown::Side,
            6,
            leaves: [new Setting(StatePart::Foot, $foot)],
        );
    }

    private function thread(Setup $setup): Step
    {
        $bobbins = $setup->thread->bobbins;
        $isBasting = $setup->is(Purpose::Basting);

        return new Step(
            'thread',
            Group::Ready,
            StepKind::Prepare,
            $isBasting
                ? new StepText(
                    do: Phrase::of(
                        "Wind $bobbins " .
                            (1 === $bobbins ? 'bobbin' : 'bobbins') .
                            ". Set {$setup->stitches->prebastingPerInch} stitches an inch and loosen the upper tension by " .
                            self::turns($setup->stitches->bastingTurnsOff) .
                            ': stitch a test.',
                    ),
                    why: Phrase::of('Basting that lies loose is pulled out without hurting the top.'),
                    check: Phrase::of('The bobbin thread lies straight and slips out when it is pulled.'),
                    otherwise: Phrase::of('Loosen half a turn more.'),
                    figure: Phrase::of((string) $setup->stitches->prebastingPerInch),
                )
                : new StepText(
                    do: Phrase::of(
                        "Wind $bobbins " .
                            (1 === $bobbins ? 'bobbin' : 'bobbins') .
                            ' and test at ' .
                            Stitches::words($setup->stitches->quiltingPerInch) .
                            ' on the same kind of sandwich.',
                    ),
                    why: Phrase::of('Tension that is right on the test is one cause less to look for.'),
                    check: Phrase::of('Neither thread shows on the wrong side.'),
                    otherwise: Phrase::of('Tighten or loosen the upper thread a quarter turn and test again.'),
                    figure: Phrase::of("$bobbins " . (1 === $bobbins ? 'bobbin' : 'bobbins')),
                ),
            Shown::Bed,
            4 + $bobbins,
            leaves: $isBasting
                ? [new Setting(StatePart::Stitch, 'large basting'), new Setting(StatePart::Tension, 'loosened')]
                : [new Setting(StatePart::Stitch, 'quilting'), new Setting(StatePart::Tension, 'usual')],
        );
    }

    private static function turns(float $turns): string
    {
        return match ($turns) {
            0.5 => 'half a turn',
            1.0 => 'one turn',
            1.5 => 'a turn and a half',
            2.0 => 'two turns',
            default => "$turns turns",
        };
    }

    private function batting(BattingCheck $batting): Step
    {
        $across = Figure::left($batting->trimTo ?? $batting->layAcross);
        $cut = null === $batting->trimTo ? '' : ', cut to that first';
        $rest =
            null === $batting->readyFrom ? '' : ' It may go on from ' . $batting->readyFrom->format('j M, H:i') . '.';

        return new Step(
            'batting-out',
            Group::Ready,
            StepKind::Prepare,
            new StepText(
                do: Phrase::of(
                    'Lint-roll the batting, mark its face (the softer side, away from needle bumps) and lay it ready, ' .
                        "%s across × %s along$cut.",
                    $across,
                    Figure::left($batting->layAlong),
                ),
                why: Phrase::of('Out of its bag for a day, its creases are gone.' . $rest),
                check: Phrase::of('It lies flat, and nowhere wider than %s.', Figure::left($batting->limit)),
                otherwise: Phrase::of('Mist, pat and wait; trim what is too wide.'),
                figure: Phrase::of('%s × %s', $across, Figure::left($batting->layAlong)),
                caution: Phrase::of('Batting wider than the backing can be drawn into the carriage.'),
            ),
            Shown::Bed,
            null === $batting->trimTo ? 3 : 8,
        );
    }

    private function zips(): Step
    {
        return new Step(
            'zips',
            Group::Ready,
            StepKind::Attach,
            new StepText(
                do: Phrase::of(
                    'At the table, mark the centre of both ends of the backing and pin it to its zips, centre on ' .
                        'centre, right side down.',
                ),
                why: Phrase::of('Time is saved off the frame: this can be done while another quilt stitches.'),
                check: Phrase::of('Every end of cloth lies parallel to its zip.'),
                otherwise: Phrase::of('Pin that part again from the centre.'),
                caution: Phrase::of('Outermost pins point inward.'),
            ),
            Shown::LeadRail,
            10,
        );
    }

    private function centres(Setup $setup): Step
    {
        $layers = match (true) {
            $setup->is(Purpose::Prebasted) => 'of the basted quilt at both ends',
            $setup->meetsBySeam() => 'of batting and top at both ends, and take its seam for that of the backing',
            default => 'of backing, batting and top at both ends',
        };
        $half = Figure::measured($setup->across()->half());
        [$text, $figure, $why] = match (true) {
            $setup->isClamped() => [
                Phrase::of("Mark the centre of the poles, and $layers: the top's is %s from its sides.", $half),
                Phrase::of('%s', $half),
                null,
            ],
            0 === $setup->position->nanometres => [
                Phrase::of("Mark the centre of the leaders, and $layers: the top's is %s from its sides.", $half),
                Phrase::of('%s', $half),
                null,
            ],
            default => $this->aside($setup, $layers),
        };

        return new Step(
            'centres',
            Group::Centres,
            StepKind::Mark,
            new StepText(
                do: $text,
                why: Phrase::of($why ?? 'An end off its centre pulls the cloth to one corner.'),
                check: Phrase::of('Folded in half, side lies on side at every mark.'),
                otherwise: Phrase::of('Fold again and mark anew in another colour.'),
                figure: $figure,
            ),
            Shown::LeadRail,
            4,
        );
    }

    /**
     * Hung off the leader's centre, so that leaders wear evenly.
     *
     * @return array{Phrase, Phrase, string}
     */
    private function aside(Setup $setup, string $layers): array
    {
        $side = $setup->position->isNegative() ? 'left' : 'right';
        $off = Figure::measured($setup->position->absolute());

        return [
            Phrase::of(
                "Mark the centre $layers; on both leaders, mark %s to the $side of the centre mark: the quilt hangs " .
                    'there this time.',
                $off,
            ),
            Phrase::of("%s $side", $off),
            'Leaders stretch where they are always loaded.',
        ];
    }
}
