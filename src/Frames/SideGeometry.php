<?php

declare(strict_types=1);

namespace App\Frames;

use Schwung\Core\Frame\Frame;
use Schwung\Core\Frame\FrameKind;
use Schwung\Core\Frame\FrameMeasure;
use Schwung\Core\Measure\Length;

/**
 * Where the parts of a frame stand, seen from its left end, in millimetres: x = 0 at the inside of the machine's arm
 * when it is drawn all the way to the front, growing toward the quilter; y = 0 at the bed, growing downward.
 *
 * The take-up roller stands half the clearance under the arm, so that its roll touches the arm exactly when it is as
 * thick as the clearance, and its front edge is where the usable depth begins. A measure that is not entered yet is
 * taken at a usual size.
 */
final readonly class SideGeometry
{
    public const BAR = 13.0;

    private function __construct(
        public FrameKind $kind,
        public float $throat,
        public float $front,
        public float $back,
        public float $arm,
        public float $bareRadius,
        public float $takeupX,
        public float $takeupY,
        public float $frontBar,
        public float $backingRadius,
        public float $topRadius,
    ) {}

    /** @param float|null $startRadius of the take-up with its leader wound on */
    public static function of(Frame $frame, ?float $startRadius = null): self
    {
        $mm = self::drawn(...);
        $throat = $mm($frame->size(FrameMeasure::Throat), 500);
        $arm = $mm($frame->size(FrameMeasure::ArmClearance), 220);
        $bare = $mm($frame->size(FrameMeasure::TakeupDiameter), 50) / 2;
        $back = $frame->size(FrameMeasure::BackAllowance)->toMillimetres();
        $takeupX = $back - ($startRadius ?? $bare);

        return new self(
            kind: $frame->kind,
            throat: $throat,
            front: $frame->size(FrameMeasure::FrontAllowance)->toMillimetres(),
            back: $back,
            arm: $arm,
            bareRadius: $bare,
            takeupX: $takeupX,
            takeupY: -$arm / 2,
            backingRadius: $mm($frame->at(FrameMeasure::BackingDiameter), 2 * $bare) / 2,
            topRadius: $mm($frame->at(FrameMeasure::TopDiameter), 2 * $bare) / 2,
            frontBar: max($throat + 4 * self::BAR, $takeupX + $mm($frame->at(FrameMeasure::BedSpan), $throat)),
        );
    }

    /** The size in millimetres at which a measure is drawn: as entered, or as usual while it is not. */
    public static function drawn(?Length $length, float $usual): float
    {
        return null !== $length && $length->isPositive() ? $length->toMillimetres() : $usual;
    }

    /** The needle with the machine drawn all the way to the front. */
    public function needle(): float
    {
        return $this->throat;
    }

    /** How far to the front the plan lets the needle stitch. */
    public function stitchedTo(): float
    {
        return $this->throat - $this->front;
    }

    /** The bar that keeps the bed level, just before what is kept free at the back ends. */
    public function leveller(): float
    {
        return $this->back - 9;
    }

    public function hasTopRoller(): bool
    {
        return $this->kind->hasTopRoller();
    }
}
