<?php

declare(strict_types=1);

namespace App\Shelf\Drawing;

use App\Drawing\Canvas;
use App\Drawing\Picture;
use App\Drawing\Shape;
use App\Shelf\Thread\ShelfThread;

/** Draws a cone as full or as thin as it is, and a pair of threads on the cloths that they will lie on. */
final readonly class ThreadDrawer
{
    private const WIDE = 120;
    private const HIGH = 110;

    public function cone(ShelfThread $thread): Picture
    {
        $canvas = Canvas::around(['left' => -50, 'top' => 0, 'right' => 50, 'bottom' => 90], self::WIDE, self::HIGH, [
            'left' => 4,
            'top' => 4,
            'right' => 4,
            'bottom' => 4,
        ]);
        // From the bare core out: the thread lies on it evenly, so that its width goes with the root.
        $out = 30 * sqrt($thread->share());

        return new Picture(
            $canvas,
            \sprintf(
                'A cone of %s, %d in a hundred of it left',
                $thread->colour(),
                (int) round(100 * $thread->share()),
            ),
            [
                Shape::polygon([[-6, 0], [6, 0], [14, 90], [-14, 90]], 'roll-core'),
                ...$out > 0
                    ? [
                        Shape::polygon(
                            [[-7 - $out * 0.6, 8], [7 + $out * 0.6, 8], [13 + $out, 82], [-13 - $out, 82]],
                            'shelf-thread',
                            $thread->swatch(),
                        ),
                    ]
                    : [],
            ],
        );
    }

    /**
     * Lines of both threads across both cloths, as they lie in a test.
     *
     * @param string $top     colour of the cloth, like "#e8e2d4"
     * @param string $backing the same
     */
    public function pair(?ShelfThread $upper, ?ShelfThread $bobbin, string $top, string $backing): Picture
    {
        $canvas = Canvas::around(['left' => 0, 'top' => 0, 'right' => 400, 'bottom' => 150], 560, 230, [
            'left' => 4,
            'top' => 24,
            'right' => 4,
            'bottom' => 4,
        ]);
        $shapes = [];
        foreach (['top' => [0.0, $top], 'backing' => [205.0, $backing]] as $cloth => [$x, $colour]) {
            $shapes[] = Shape::box($x, 0, 195, 150, 'shelf-thread', $colour);
            $shapes[] = Shape::text($x, -$canvas->px(7), "on the $cloth", $canvas->px(13), 'strong');
            foreach ([45 => $upper, 105 => $bobbin] as $y => $thread) {
                if (null !== $thread) {
                    $shapes[] = $this->line($x + 12, $y, $thread->swatch());
                }
            }
        }

        return new Picture(
            $canvas,
            'Both threads laid on both cloths: the upper thread above, the bobbin’s below.',
            $shapes,
        );
    }

    private function line(float $x, float $y, string $colour): Shape
    {
        $points = [];
        for ($i = 0; $i <= 34; ++$i) {
            $points[] = [$x + 5 * $i, $y + 14 * sin($i / 3)];
        }
        foreach (array_reverse($points) as [$px, $py]) {
            $points[] = [$px, $py + 2.2];
        }

        return Shape::polygon($points, '', $colour);
    }
}
