<?php

declare(strict_types=1);

namespace App\Frames;

use App\Drawing\Canvas;
use Schwung\Core\Frame\Frame;
use Schwung\Core\Frame\FrameKind;
use Schwung\Core\Measure\Length;

/**
 * A frame from above and from the side, each to its own scale in millimetres, with the letters of the measures.
 *
 * A measure that is not entered yet is drawn at a usual size.
 */
final readonly class FrameDrawing
{
    private function __construct(
        public Canvas $fromAbove,
        public Canvas $fromSide,
        public float $rail,
        public float $left,
        public float $right,
        public float $leaderWidth,
        public float $leaderLength,
        public float $throat,
        public float $arm,
        public float $takeup,
        public float $front,
        public float $back,
        public float $bed,
        public bool $hasLeader,
    ) {
    }

    public static function of(Frame $frame): self
    {
        $mm = static fn (?Length $length, float $usual): float => null !== $length && $length->isPositive() ? $length->toMillimetres() : $usual;
        $rail = $mm($frame->rail, 3000);
        $throat = $mm($frame->throat, 500);
        $bed = $mm($frame->bedSpan, 600);
        $arm = $mm($frame->armClearance, 220);

        return new self(
            Canvas::around(['left' => -$rail / 2, 'top' => 0, 'right' => $rail / 2, 'bottom' => $rail * 0.34], 640, 270, ['left' => 20, 'top' => 26, 'right' => 20, 'bottom' => 20]),
            Canvas::around(['left' => -60, 'top' => -$arm * 0.45, 'right' => max($throat, $bed) + 160, 'bottom' => $arm + 190], 640, 320, ['left' => 16, 'top' => 24, 'right' => 16, 'bottom' => 16]),
            $rail,
            $frame->unreachableLeft->toMillimetres(),
            $frame->unreachableRight->toMillimetres(),
            $mm($frame->leaderWidth, $rail * 0.92),
            $mm($frame->leaderLength, 500),
            $throat,
            $arm,
            $mm($frame->takeupDiameter, 50),
            $frame->frontAllowance->toMillimetres(),
            $frame->backAllowance->toMillimetres(),
            $bed,
            null !== $frame->leaderWidth || FrameKind::Clamp !== $frame->kind,
        );
    }
}
