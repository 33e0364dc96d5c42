<?php

declare(strict_types=1);

namespace App\Tension\Sketch;

use App\Drawing\Canvas;
use App\Drawing\Picture;
use App\Drawing\Shape;
use Schwung\Core\Tension\Symptom;

/** Draws each symptom as a small sketch to choose it by: what is wrong is drawn thick. */
final readonly class SymptomSketch
{
    public static function draw(Symptom $symptom): Picture
    {
        $canvas = Canvas::around(['left' => 0, 'top' => 0, 'right' => 120, 'bottom' => 84], 120, 84, [
            'left' => 0,
            'top' => 0,
            'right' => 0,
            'bottom' => 0,
        ]);

        return new Picture($canvas, '', self::shapes($symptom));
    }

    /** @return list<Shape> */
    private static function shapes(Symptom $symptom): array
    {
        return match ($symptom) {
            Symptom::CentreDip => SketchPad::across('M8 30C36 30 40 62 60 62S84 30 112 30'),
            Symptom::SideDip => SketchPad::across('M8 30H62C84 30 88 62 112 62'),
            Symptom::BothSidesDip => SketchPad::across('M8 60C26 60 28 30 46 30H74C92 30 94 60 112 60'),
            Symptom::RampedBed => [
                ...SketchPad::side(58, 38),
                Shape::line(18, 49, 102, 49, 'sketch-should'),
                Shape::line(18, 49, 102, 29, 'sketch-fault'),
            ],
            Symptom::Bounce => [
                ...SketchPad::side(),
                ...SketchPad::paths('sketch-fault', 'M22 41Q60 24 98 41', 'M22 41Q60 58 98 41'),
                Shape::line(60, 6, 60, 41, 'sketch-foot'),
            ],
            Symptom::MachineBumps => [
                Shape::circle(28, 44, 26, 'sketch-cloth'),
                Shape::circle(28, 44, 15, 'sketch'),
                ...SketchPad::paths('sketch-foot', 'M116 16H64V72H116'),
                ...SketchPad::paths('sketch-fault', 'M57 30L70 24', 'M56 44H74', 'M57 58L70 64'),
            ],
            Symptom::RollRidge => [
                ...SketchPad::paths('sketch-cloth', 'M6 26H114V66H6Z'),
                Shape::path('M6 26H46C52 26 52 14 60 14S68 26 74 26H114', 'sketch-fault'),
                Shape::line(60, 14, 60, 66, 'sketch-should'),
            ],
            Symptom::CurlToBack => [
                ...SketchPad::paths('sketch-fault', 'M14 70C4 58 10 36 34 34H86C110 36 116 58 106 70'),
                Shape::path('M16 52C20 44 26 41 36 40H84C94 41 100 44 104 52', 'sketch'),
            ],
            Symptom::CurlToFront => [
                ...SketchPad::paths('sketch-fault', 'M14 16C4 28 10 50 34 52H86C110 50 116 28 106 16'),
                Shape::path('M16 34C20 42 26 45 36 46H84C94 45 100 42 104 34', 'sketch'),
            ],
            Symptom::RipplesOffFrame => [
                ...SketchPad::paths(
                    'sketch-fault',
                    'M14 14q8-7 15 0t15 0t15 0t15 0t15 0t15 0V70q-8 7-15 0t-15 0t-15 0t-15 0t-15 0t-15 0Z',
                ),
                Shape::path(
                    'M22 34q6-5 12 0t12 0t12 0t12 0t12 0t12 0M22 52q6-5 12 0t12 0t12 0t12 0t12 0t12 0',
                    'sketch',
                ),
            ],
            Symptom::BubbleAhead => [
                Shape::line(8, 60, 112, 60, 'sketch'),
                ...SketchPad::foot(48, 60),
                Shape::path('M60 59C68 59 68 44 78 44S88 59 98 59', 'sketch-fault'),
            ],
            Symptom::BattingSlides => [
                Shape::box(14, 34, 76, 40, 'sketch-cloth'),
                Shape::box(32, 12, 76, 40, 'sketch-batting'),
                ...SketchPad::arrow(46, 32, 92, 32),
            ],
            default => [...SketchPad::bed(), ...self::onTheBed($symptom)],
        };
    }

    /** @return list<Shape> */
    private static function onTheBed(Symptom $symptom): array
    {
        return match ($symptom) {
            Symptom::DragLine => SketchPad::paths('sketch-fault', 'M20 18L70 58', 'M36 17L82 52', 'M19 34L56 64'),
            Symptom::CrossRipple => SketchPad::paths(
                'sketch-fault',
                ...array_map(static fn(int $y): string => "M20 {$y}q7-6 13 0t13 0t13 0t13 0t13 0t13 0", [26, 42, 58]),
            ),
            Symptom::BackingPucker => [
                ...SketchPad::paths('sketch-stitches', 'M18 44H102'),
                Shape::path('M44 24L60 44L52 64M76 24L60 44L68 64', 'sketch-fault'),
            ],
            Symptom::TopPleat => [
                ...SketchPad::paths('sketch-stitches', 'M18 42H102', 'M60 15V69'),
                Shape::path('M60 42L84 24L90 34Z', 'sketch-fault'),
            ],
            Symptom::EdgeFullness => [
                Shape::line(84, 13, 84, 71, 'sketch'),
                ...SketchPad::hoop(94, 56),
                ...SketchPad::paths('sketch-fault', 'M86 44q5-5 9 0t8 0', 'M86 34q5-6 9 0t8 0', 'M86 24q5-4 9 0t8 0'),
            ],
            Symptom::ScallopedSide => [
                ...SketchPad::paths(
                    'sketch-fault',
                    'M16 14Q28 24 16 33Q28 42 16 52Q28 61 16 70',
                    'M104 14Q92 24 104 33Q92 42 104 52Q92 61 104 70',
                ),
                ...array_map(static fn(array $at): Shape => Shape::box($at[0], $at[1], 8, 6, 'sketch-clamp'), [
                    [6, 30],
                    [6, 49],
                    [106, 30],
                    [106, 49],
                ]),
            ],
            Symptom::SnapBack => [
                Shape::box(2, 36, 9, 12, 'sketch-clamp'),
                Shape::line(16, 24, 16, 60, 'sketch-should'),
                Shape::path('M16 20C34 30 34 54 16 64', 'sketch-fault'),
                ...SketchPad::arrow(40, 42, 68, 42),
            ],
            Symptom::RingsTight => [
                ...SketchPad::paths(
                    'sketch',
                    'M16 32Q60 22 104 32',
                    'M16 52Q60 62 104 52',
                    'M44 13Q34 42 44 71',
                    'M76 13Q86 42 76 71',
                ),
                ...SketchPad::arrow(60, 36, 60, 17),
                ...SketchPad::arrow(60, 48, 60, 67),
                ...SketchPad::arrow(54, 42, 22, 42),
                ...SketchPad::arrow(66, 42, 98, 42),
            ],
            Symptom::Drift => [
                Shape::line(60, 13, 60, 71, 'sketch-should'),
                Shape::path('M60 14C62 30 66 46 80 70', 'sketch-fault'),
                ...SketchPad::arrow(62, 64, 76, 64),
            ],
            Symptom::Skew => [
                Shape::line(16, 40, 104, 40, 'sketch-should'),
                Shape::line(16, 28, 104, 54, 'sketch-fault'),
                ...SketchPad::arrow(24, 46, 24, 33),
                ...SketchPad::arrow(96, 34, 96, 49),
            ],
            Symptom::BattingLumps => [
                Shape::box(16, 13, 88, 58, 'sketch-batting'),
                ...SketchPad::paths(
                    'sketch-fault',
                    'M26 26l8 6l6-8l9 7',
                    'M66 48l9-7l6 9l10-6',
                    'M34 58q8-10 16 0t14-2',
                    'M72 24q7-8 14 0',
                ),
            ],
            Symptom::FootCatch => [
                Shape::box(98, 13, 14, 58, 'sketch-open'),
                ...SketchPad::hoop(104, 44),
                Shape::path('M104 32L86 36L90 54L104 56Z', 'sketch-fold'),
                ...SketchPad::arrow(118, 44, 96, 44),
            ],
            Symptom::PoorStitches => [
                ...SketchPad::paths('sketch-stitches', 'M18 42H46', 'M78 42H102'),
                ...SketchPad::paths(
                    'sketch-fault',
                    'M48 42C54 28 60 28 58 42S66 56 70 42',
                    'M50 52L56 46',
                    'M66 34L72 28',
                ),
            ],
            Symptom::LooseTail => [
                Shape::box(14, 58, 92, 14, 'sketch-open'),
                Shape::path('M16 56q8 9 15 3t15 3t14-5t15 5t14-4t15-2', 'sketch-fault'),
            ],
            default => throw new \LogicException('Drawn otherwise: ' . $symptom->value),
        };
    }
}
