<?php

declare(strict_types=1);

namespace App\Frames;

use App\Drawing\Canvas;
use App\Drawing\Pen;
use App\Drawing\Picture;
use App\Drawing\Shape;
use Schwung\Core\Frame\Frame;
use Schwung\Core\Frame\FrameKind;
use Schwung\Core\Measure\Phrase;
use Schwung\Core\Measure\Point;
use Schwung\Core\Plan\WoundState;

/** Draws a frame from its left end: bare with a place for each measure, or with a quilt wound on so far. */
final readonly class SideDrawer
{
    /** Down to where a frame with cloth on it is drawn. */
    public const FLOOR = 205.0;

    /** With a place on each dimension for the field of its measure; or with one dimension alone. */
    public function bare(Frame $frame, ?string $only = null): Picture
    {
        $side = SideGeometry::of($frame);
        $canvas = $this->canvas($side, 700, 520, 270, 100);
        $spans = [
            ...$this->nearTheQuilter($side),
            'backAllowance' => [0, 72, $side->back, 72],
            'frontAllowance' => [$side->stitchedTo(), 72, $side->needle(), 72],
            'throat' => [0, 132, $side->needle(), 132],
            'bedSpan' => [$side->takeupX, 192, $side->frontBar, 192],
            'armClearance' => [0.62 * $side->needle(), -$side->arm, 0.62 * $side->needle(), 0],
            'takeupDiameter' => [
                $side->takeupX - $side->bareRadius,
                $side->takeupY + $side->bareRadius + 26,
                $side->takeupX + $side->bareRadius,
                $side->takeupY + $side->bareRadius + 26,
            ],
        ];

        return new Picture(
            $canvas,
            'The frame from the side, the quilter at the right.',
            [
                ...$this->machine($side),
                Shape::circle($side->takeupX, $side->takeupY, $side->bareRadius, 'roller'),
                ...$this->bars($side, $canvas),
                ...(new Pen($canvas))->spans(null === $only ? $spans : array_intersect_key($spans, [$only => true])),
            ],
            [
                ...(new Pen($canvas))->middles($spans),
                'takeupDiameter' => new Point($side->takeupX + 76, $spans['takeupDiameter'][1] - 8),
                ...$this->besideTheQuilter($side),
                'backAllowance' => new Point(max($side->back / 2, 20), 72),
            ],
        );
    }

    /** @return array<string, array{float, float, float, float}> the rollers that the quilter can touch */
    private function nearTheQuilter(SideGeometry $side): array
    {
        [$x, $y] = ClothRun::backingRoller($side);
        [$topX, $topY] = ClothRun::topRoller($side);

        return [
            ...FrameKind::Clamp === $side->kind
                ? []
                : [
                    'backingDiameter' => [
                        $x - $side->backingRadius,
                        $y + $side->backingRadius + 22,
                        $x + $side->backingRadius,
                        $y + $side->backingRadius + 22,
                    ],
                    'rollerToBar' => [$x + $side->backingRadius + 22, $y, $x + $side->backingRadius + 22, 0.0],
                ],
            ...$side->hasTopRoller()
                ? [
                    'topDiameter' => [
                        $topX - $side->topRadius,
                        $topY + $side->topRadius + 20,
                        $topX + $side->topRadius,
                        $topY + $side->topRadius + 20,
                    ],
                ]
                : [],
        ];
    }

    /** @return array<string, Point> where the fields of these stand, clear of each other */
    private function besideTheQuilter(SideGeometry $side): array
    {
        return array_map(
            static fn(array $span): Point => new Point($side->frontBar + 128, ($span[1] + $span[3]) / 2 - 8),
            $this->nearTheQuilter($side),
        );
    }

    public function wound(Frame $frame, WoundState $state): Picture
    {
        $side = SideGeometry::of($frame, $state->startRadius);
        $canvas = $this->canvas($side, 330, 225, self::FLOOR);
        $pen = new Pen($canvas);
        $begin = $side->back + $state->radius - $state->startRadius;

        return new Picture($canvas, 'The frame from the side as this pass begins, needle toward you.', [
            ...$this->machine($side),
            Shape::box($begin, -14, $side->stitchedTo() - $begin, 14, 'usable'),
            ...$this->roll($side, $state),
            ...$this->bars($side, $canvas),
            ...(new ClothRun($side, $state, $canvas))->shapes(),
            ...$pen->span($begin, 52, $side->stitchedTo(), 52),
            Shape::text(
                ($begin + $side->stitchedTo()) / 2,
                52 + $canvas->px(19),
                Phrase::of('%s to stitch in', $state->depth->figure),
                $canvas->px(15),
                'halo strong',
                'middle',
            ),
            Shape::text(
                -34,
                -$side->arm - 18,
                $state->clearance,
                $canvas->px(12),
                $state->isUnderArm ? 'strong' : 'strong text-short',
            ),
        ]);
    }

    /** @param float $right more room before the quilter, in millimetres of the frame */
    public function canvas(SideGeometry $side, int $wide, int $high, float $bottom, float $right = 0): Canvas
    {
        return Canvas::around(
            [
                'left' => -52,
                'top' => -$side->arm - 70,
                'right' => $side->frontBar + (FrameKind::Roller === $side->kind ? 95 : 150) + $right,
                'bottom' => $bottom,
            ],
            $wide,
            $high,
            ['left' => 6, 'top' => 6, 'right' => 6, 'bottom' => 6],
        );
    }

    /** @return list<Shape> arm, head, needle and lower arm, drawn all the way to the front */
    public function machine(SideGeometry $side): array
    {
        $needle = $side->needle();
        $top = -$side->arm - 46;

        return [
            Shape::polygon(
                [
                    [-46, $top],
                    [$needle + 26, $top],
                    [$needle + 26, -$side->arm + 34],
                    [$needle - 18, -$side->arm + 34],
                    [$needle - 18, -$side->arm],
                    [0, -$side->arm],
                    [0, 14],
                    [$needle + 14, 14],
                    [$needle + 14, 34],
                    [-46, 34],
                ],
                'machine',
            ),
            Shape::line($needle, -$side->arm + 34, $needle, 12, 'needle'),
            Shape::polyline([[$needle - 9, -12], [$needle - 9, -4], [$needle + 9, -4], [$needle + 9, -12]], 'needle'),
        ];
    }

    /** @return list<Shape> */
    private function roll(SideGeometry $side, WoundState $state): array
    {
        $rings = array_map(
            static fn(float $radius): Shape => Shape::circle($side->takeupX, $side->takeupY, $radius, 'ring'),
            $state->rings,
        );

        return [
            Shape::circle(
                $side->takeupX,
                $side->takeupY,
                $state->radius,
                $state->isUnderArm ? 'rolled' : 'rolled rolled-stop',
            ),
            ...$rings,
            Shape::circle($side->takeupX, $side->takeupY, $side->bareRadius, 'roller'),
        ];
    }

    /** @return list<Shape> leveller and front bar, and the rollers near the quilter, named */
    public function bars(SideGeometry $side, Canvas $canvas): array
    {
        $letters = $canvas->px(12);
        $isClamp = FrameKind::Clamp === $side->kind;
        $shapes = [
            Shape::circle($side->frontBar, SideGeometry::BAR, SideGeometry::BAR, 'bar'),
            Shape::text(
                $side->frontBar - 22,
                SideGeometry::BAR + $letters + 12,
                $isClamp ? 'front pole' : 'front bar',
                $letters,
                'halo text-soft-svg',
                'end',
            ),
        ];
        if (!$isClamp) {
            $shapes[] = Shape::circle($side->leveller(), -9, 9, 'bar');
            $shapes[] = Shape::text($side->leveller() + 14, -17, 'leveller bar', $letters, 'halo text-soft-svg');
        }
        [$x, $y] = ClothRun::backingRoller($side);
        if (!$isClamp) {
            $shapes[] = Shape::circle($x, $y, $side->backingRadius, 'roller');
            $shapes[] =
                FrameKind::RollerFrontBacking === $side->kind
                    ? Shape::text(
                        $side->frontBar + 145,
                        $y - 70,
                        'backing roller',
                        $letters,
                        'halo text-soft-svg',
                        'end',
                    )
                    : Shape::text(
                        $x - $side->backingRadius - 22,
                        $y + 5,
                        'backing roller',
                        $letters,
                        'halo text-soft-svg',
                        'end',
                    );
        }
        if ($side->hasTopRoller()) {
            [$x, $y] = ClothRun::topRoller($side);
            $shapes[] = Shape::circle($x, $y, $side->topRadius, 'roller');
            $shapes[] = Shape::text(
                $x,
                $y - $side->topRadius - 30,
                'top roller',
                $letters,
                'halo text-soft-svg',
                'middle',
            );
        }

        return $shapes;
    }
}
