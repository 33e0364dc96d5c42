<?php

declare(strict_types=1);

namespace Schwung\Core\Loading;

use Schwung\Core\Material\End;
use Schwung\Core\Measure\Figure;
use Schwung\Core\Measure\Phrase;
use Schwung\Core\Practice\Purpose;
use Schwung\Core\Practice\Stitches;

/** What goes with a quilt that was basted and taken off, for whoever loads it again. */
final readonly class ReloadCard
{
    /** @param array<string, Phrase> $lines by what each is about, in the order of the work */
    private function __construct(public array $lines) {}

    /** Null where nothing was basted to be taken off. */
    public static function of(Setup $setup): ?self
    {
        if (!$setup->is(Purpose::Basting)) {
            return null;
        }
        $laid = $setup->plan->chosenPlan()->backing->laid;
        $inset = Figure::measured($setup->inset());

        return new self([
            'It is basted' => Phrase::of(
                'all over in one large meander, its lines %s apart, at ' .
                    Stitches::words($setup->stitches->prebastingPerInch) .
                    ', and %s inside its edges.',
                Figure::measured($setup->spacing()),
                $inset,
            ),
            'Its margins' => Phrase::of(
                'are kept: %s at the lead, %s at the tail, %s and %s at the sides.',
                $laid->lead->figure,
                $laid->tail->figure,
                $laid->left->figure,
                $laid->right->figure,
            ),
            'It leads' => Phrase::of(
                "with its {$setup->edgeAt(End::Lead)} edge, %s across and %s along.",
                Figure::measured($setup->across()),
                Figure::measured($setup->along()),
            ),
            'Set back' => Phrase::of(
                'the upper tension, which was loosened by two turns, and the stitch, to ' .
                    Stitches::words($setup->stitches->quiltingPerInch) .
                    ', before the quilting.',
            ),
            'Quilted already' => Phrase::of('nothing.'),
            'Loaded again' => Phrase::of(
                'by its backing, both ends; tightened, and fullness drawn out to the sides; the basting of each bed is cut ' .
                    'before it is crossed.',
            ),
        ]);
    }
}
