<?php

declare(strict_types=1);

namespace App\Quilt\Drawing;

use App\Drawing\Canvas;
use Schwung\Core\Sizing\ExtensionPlan;
use Schwung\Core\Sizing\PiecingPlan;

/** What to cut, to scale: strips one below the other, or the cuts along a bolt. */
final readonly class CuttingDrawing
{
    /** @param list<CutPiece> $pieces */
    private function __construct(public Canvas $canvas, public array $pieces, public float $clothLength, public float $clothWidth)
    {
    }

    public static function ofStrips(ExtensionPlan $plan): self
    {
        $pieces = [];
        [$y, $longest] = [0.0, 0.0];
        foreach ($plan->strips as $strip) {
            foreach ($strip->edges as $edge) {
                $pieces[] = new CutPiece(0, $y, $strip->cutLength, $strip->cutWidth, $edge);
                $y += $strip->cutWidth->toMillimetres() + 90;
                $longest = max($longest, $strip->cutLength->toMillimetres());
            }
        }

        return new self(self::canvas($longest, $y - 90), $pieces, 0, 0);
    }

    public static function ofBolt(PiecingPlan $plan): self
    {
        $pieces = [];
        $x = 0.0;
        foreach ($plan->cuts as $number => $cut) {
            $pieces[] = new CutPiece($x, 0, $cut, $plan->bolt, 'cut '.($number + 1));
            $x += $cut->toMillimetres();
        }
        [$length, $width] = [$plan->toBuy->toMillimetres(), $plan->bolt->toMillimetres()];

        return new self(self::canvas($length, $width), $pieces, $length, $width);
    }

    private static function canvas(float $wide, float $high): Canvas
    {
        $room = ['left' => 8, 'top' => 8, 'right' => 8, 'bottom' => 26];
        $scale = $wide / (700 - 16);

        return Canvas::around(['left' => 0, 'top' => 0, 'right' => $wide, 'bottom' => $high], 700, (int) ceil($high / $scale) + 34, $room);
    }
}
