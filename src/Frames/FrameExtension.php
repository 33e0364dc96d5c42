<?php

declare(strict_types=1);

namespace App\Frames;

use Twig\Attribute\AsTwigFunction;

/** What templates ask of frames. */
final class FrameExtension
{
    /** @return list<\Schwung\Core\Frame\FrameMeasure> that a stage goes by and nobody has taken yet */
    #[AsTwigFunction('measures_asked')]
    public function measuresAsked(?StudioFrame $frame, string $stage): array
    {
        return AskedMeasures::of($frame, $stage);
    }
}
