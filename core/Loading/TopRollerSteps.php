<?php

declare(strict_types=1);

namespace Schwung\Core\Loading;

use Schwung\Core\Frame\HoldingSystem;
use Schwung\Core\Material\End;
use Schwung\Core\Measure\Figure;
use Schwung\Core\Measure\Phrase;
use Schwung\Core\Practice\FloatKind;

/**
 * The top on its own roller, where it does not float: before the backing or after it, as the school has it.
 *
 * @internal
 */
final readonly class TopRollerSteps
{
    public function addTo(Sequence $sequence, Setup $setup): void
    {
        if (FloatKind::Full === $setup->float()) {
            return;
        }
        $edge = $setup->edgeAt(End::Tail);
        $pieces = new Pieces(
            ($setup->held->top->system ?? HoldingSystem::Pins)->words(),
            $setup->held->top?->count() ?? 0,
        );
        $sequence->add(
            new Step(
                'attach-top',
                Group::Top,
                StepKind::Attach,
                (new Holds())->text(
                    $setup,
                    End::Tail,
                    $setup->held->top,
                    "the top by its $edge edge, right side up, to the leader of the top roller",
                ),
                Shown::TopRail,
                null === $setup->held->top ? 4 : $setup->held->top->minutes() + 1,
                needs: [new Setting(StatePart::Top, 'held')],
                does: static fn(ClothState $cloth): ClothState => $cloth->rollTop($pieces),
                school: $setup->habits->order,
            ),
            new Step(
                'roll-top',
                Group::Top,
                StepKind::Wind,
                new StepText(
                    do: Phrase::of(
                        'Roll the top up, smoothing from the centre out, until its lead edge just hangs: %s go on ' .
                            'the roller.',
                        Figure::measured($setup->along()),
                    ),
                    why: Phrase::of('Held by its roller, the top runs straight to the end.'),
                    check: Phrase::of('Its sides wind on over themselves; nothing is pulled.'),
                    otherwise: Phrase::of('Unroll to where it lay straight, and roll again.'),
                    figure: Phrase::of('%s', Figure::measured($setup->along())),
                    caution: Phrase::of('Hold the roll before unlocking.'),
                ),
                Shown::Side,
                3,
                leaves: [new Setting(StatePart::Top, 'held'), new Setting(StatePart::Tail, 'held')],
            ),
        );
    }
}
