<?php

declare(strict_types=1);

namespace Schwung\Core\Loading;

use Schwung\Core\Measure\Figure;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\Phrase;

/**
 * A quilt that was basted before and is loaded again as one piece: how it must lie.
 *
 * @internal
 */
final readonly class PrebastedSteps
{
    /** Looked at one after the other: two hands reach over it. */
    private const SQUARE_INCHES = 12;

    public function addTo(Sequence $sequence, Setup $setup): void
    {
        $sequence->add(self::liesFlat(Group::Top, (new Places($setup))->top()));
    }

    /** @param Length $from where the top begins, from the lead hold */
    public static function liesFlat(Group $group, Length $from): Step
    {
        $square = Figure::measured(Length::inches(self::SQUARE_INCHES));

        return new Step(
            'lies-flat',
            $group,
            StepKind::Look,
            new StepText(
                do: Phrase::of(
                    'Lift a square of %s here and there and let it fall: all three layers must lie flat.',
                    $square,
                ),
                why: Phrase::of('What was basted too tight is quilted into pleats.'),
                check: Phrase::of('No layer bridges between two basting lines.'),
                otherwise: Phrase::of('Cut the basting there before it comes into the bed.'),
                figure: Phrase::of('%s squares', $square),
            ),
            Shown::Bed,
            2,
            does: static fn(ClothState $cloth): ClothState => $cloth->layAsOne($from),
        );
    }
}
