<?php

declare(strict_types=1);

namespace App\Tension\Sketch;

use App\Drawing\Picture;
use Schwung\Core\Tension\Symptom;
use Twig\Attribute\AsTwigFunction;

/** Sketches for templates. */
final readonly class SketchExtension
{
    #[AsTwigFunction('sketch')]
    public static function sketch(Symptom $symptom): Picture
    {
        return SymptomSketch::draw($symptom);
    }
}
