<?php

declare(strict_types=1);

namespace Tests\App\Tension;

use App\Tension\Sketch\SketchExtension;
use App\Tension\Sketch\SketchPad;
use App\Tension\Sketch\SymptomSketch;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\TestCase;
use Schwung\Core\Tension\Look;
use Schwung\Core\Tension\Symptom;

#[CoversClass(SymptomSketch::class)]
#[CoversClass(SketchPad::class)]
#[CoversClass(SketchExtension::class)]
final class SketchTest extends TestCase
{
    public function testEverySymptomHasASketchOfItsOwnWithItsFaultDrawnThick(): void
    {
        $sketches = array_map(SketchExtension::sketch(...), Symptom::cases());

        self::assertCount(26, array_unique(array_map(serialize(...), $sketches)));
        foreach ($sketches as $i => $sketch) {
            $classes = array_map(static fn($shape): string => $shape->attributes['class'], $sketch->shapes);
            self::assertContains('sketch-fault', $classes, Symptom::cases()[$i]->value);
            self::assertGreaterThan(1, \count($classes));
        }
    }

    public function testEverySymptomIsLookedForInOnePlace(): void
    {
        self::assertCount(
            26,
            array_merge(...array_map(static fn(Look $look): array => $look->symptoms(), Look::cases())),
        );
    }
}
