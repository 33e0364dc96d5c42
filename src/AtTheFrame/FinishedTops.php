<?php

declare(strict_types=1);

namespace App\AtTheFrame;

use App\Account\Studio;
use Schwung\Core\Learning\ContractionLearnt;
use Schwung\Core\Learning\ContractionRule;
use Schwung\Core\Learning\QuiltedTop;
use Schwung\Core\Preparation\DrawingIn;
use Schwung\Core\Preparation\Preparation;

/** What a studio's finished quilts tell of how the next will be drawn in (rule 28). */
final readonly class FinishedTops
{
    public function __construct(private RunRepository $runs) {}

    /** Null while too few were measured, or nothing is known of how this one is stitched. */
    public function expect(Studio $studio, Preparation $preparation): ?ContractionLearnt
    {
        $setup = $preparation->setup();
        $loft = DrawingIn::loft($preparation);

        return null === $setup || null === $loft
            ? null
            : (new ContractionRule())->expect(
                array_values(
                    array_filter(
                        array_map(
                            static fn(array $off): ?QuiltedTop => OffSheet::fromArray($off)->drawnIn(),
                            $this->runs->findMeasured($studio),
                        ),
                    ),
                ),
                $loft,
                DrawingIn::density($setup),
            );
    }
}
