<?php

declare(strict_types=1);

namespace App\Quilt\Drawing;

use App\Drawing\Canvas;
use App\Drawing\Picture;
use App\Drawing\Shape;
use Schwung\Core\Measure\Figure;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\Phrase;
use Schwung\Core\Sizing\ExtensionPlan;
use Schwung\Core\Sizing\PieceLayout;
use Schwung\Core\Sizing\PiecingPlan;

/** Draws what to cut, to scale: strips one below the other, or the cuts along a bolt. */
final readonly class CuttingDrawing
{
    private const WIDE = 700;
    private const HIGH = 700;
    private const BETWEEN_STRIPS = 90.0;

    public function ofStrips(ExtensionPlan $plan): Picture
    {
        $places = [];
        [$y, $longest] = [0.0, 0.0];
        foreach ($plan->strips as $strip) {
            foreach ($strip->edges as $edge) {
                $places[] = [0.0, $y, $strip->cutLength, $strip->cutWidth, $strip->size(), $edge];
                $y += $strip->cutWidth->toMillimetres() + self::BETWEEN_STRIPS;
                $longest = max($longest, $strip->cutLength->toMillimetres());
            }
        }
        $canvas = $this->canvas($longest, $y - self::BETWEEN_STRIPS);

        return new Picture(
            $canvas,
            'Strips to cut, to scale',
            array_merge([], ...array_map(fn(array $place): array => $this->piece($canvas, ...$place), $places)),
        );
    }

    public function ofBolt(PiecingPlan $plan): Picture
    {
        $canvas = $this->canvas($plan->toBuy->toMillimetres(), $plan->bolt->toMillimetres());
        $shapes = [
            Shape::box(0, 0, $plan->toBuy->toMillimetres(), $plan->bolt->toMillimetres(), 'outline outline-needed'),
        ];
        $x = 0.0;
        foreach ($plan->cuts as $number => $cut) {
            $shapes = [
                ...$shapes,
                ...$this->piece(
                    $canvas,
                    $x,
                    0.0,
                    $cut,
                    $plan->bolt,
                    Phrase::of('%s', Figure::needed($cut)),
                    'cut ' . ($number + 1),
                ),
            ];
            $x += $cut->toMillimetres();
        }

        return new Picture($canvas, 'Cuts along the bolt, to scale', $shapes);
    }

    /**
     * @param Length $length along the bolt
     *
     * @return list<Shape>
     */
    private function piece(
        Canvas $canvas,
        float $x,
        float $y,
        Length $length,
        Length $width,
        Phrase $size,
        string $name,
    ): array {
        [$long, $wide] = [$length->toMillimetres(), $width->toMillimetres()];

        return [
            Shape::box($x, $y, $long, $wide, 'batting', 'url(#hatch)'),
            Shape::text(
                $x + $long / 2,
                $y + $wide / 2 + $canvas->px(10),
                Phrase::joined(Phrase::of("$name:"), $size),
                $canvas->px(28),
                'halo strong',
                'middle',
            ),
        ];
    }

    /** Pieces of batting as they are butted, lead edge at the top. */
    public function ofPieces(PieceLayout $layout): Picture
    {
        $canvas = $this->canvas($layout->across->toMillimetres(), $layout->along->toMillimetres());
        $shapes = [];
        foreach ($layout->pieces as $piece) {
            $box = [
                $piece->left->toMillimetres(),
                $piece->top->toMillimetres(),
                $piece->across->toMillimetres(),
                $piece->along->toMillimetres(),
            ];
            $shapes[] = Shape::box($box[0], $box[1], $box[2], $box[3], 'batting', 'url(#dots)');
            $shapes[] = Shape::text(
                $box[0] + $box[2] / 2,
                $box[1] + $box[3] / 2 + $canvas->px(10),
                Phrase::of(
                    'piece ' . ($piece->number + 1) . ': %s × %s',
                    Figure::needed($piece->across),
                    Figure::needed($piece->along),
                ),
                $canvas->px(28),
                'halo strong',
                'middle',
            );
        }

        return new Picture(
            $canvas,
            'The pieces of batting as they are butted, to scale, lead edge at the top',
            $shapes,
        );
    }

    private function canvas(float $wide, float $high): Canvas
    {
        return Canvas::around(['left' => 0, 'top' => 0, 'right' => $wide, 'bottom' => $high], self::WIDE, self::HIGH, [
            'left' => 8,
            'top' => 8,
            'right' => 8,
            'bottom' => 26,
        ]);
    }
}
