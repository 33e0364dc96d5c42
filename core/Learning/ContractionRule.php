<?php

declare(strict_types=1);

namespace Schwung\Core\Learning;

use Schwung\Core\Measure\LineFit;

/**
 * Rule 28: quilting draws a top in by c = c0 + c1 · loft · density, fitted by least squares through the studio's own
 * finished quilts, each way by itself; from five of them on. An estimate.
 */
final readonly class ContractionRule
{
    public const FEWEST = 5;

    /**
     * @param list<QuiltedTop> $finished
     * @param float            $loft     millimetres
     * @param float            $density  millimetres stitched for each square millimetre
     */
    public function expect(array $finished, float $loft, float $density): ?ContractionLearnt
    {
        if (\count($finished) < self::FEWEST) {
            return null;
        }
        $across = LineFit::through(
            array_map(static fn(QuiltedTop $top): array => [$top->loft * $top->density, $top->across], $finished),
        );
        $along = LineFit::through(
            array_map(static fn(QuiltedTop $top): array => [$top->loft * $top->density, $top->along], $finished),
        );
        $x = $loft * $density;

        return new ContractionLearnt(
            across: $across->at($x),
            acrossError: $across->errorOfOne($x),
            along: $along->at($x),
            alongError: $along->errorOfOne($x),
            quilts: \count($finished),
        );
    }
}
