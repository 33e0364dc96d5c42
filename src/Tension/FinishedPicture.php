<?php

declare(strict_types=1);

namespace App\Tension;

use App\Drawing\Canvas;
use App\Drawing\Picture;
use App\Drawing\Shape;
use Schwung\Core\Tension\Bed\Bed;
use Schwung\Core\Tension\Bed\Cloth;
use Schwung\Core\Tension\Symptom;

/** Draws what a bed has made of the quilt once it is off the frame: seen from its edge, lying on a table. */
final readonly class FinishedPicture
{
    private const HALF_MM = 420.0;
    /** From the edge on the quilt is free to curl. */
    private const FREE_MM = 200.0;
    private const STEP_MM = 5;

    public static function draw(Bed $bed): Picture
    {
        $height = ($bed->of(Symptom::RipplesOffFrame)?->size?->length()->toMillimetres() ?? 0.0) * BedPicture::TIMES;
        $curl = (($bed->bend * self::FREE_MM ** 2) / 2) * BedPicture::TIMES;
        $canvas = Canvas::around(
            [
                'left' => -self::HALF_MM,
                'top' => min(0.0, $curl) - $height,
                'right' => self::HALF_MM,
                'bottom' => max(0.0, $curl),
            ],
            760,
            400,
            ['left' => 20, 'top' => 16, 'right' => 20, 'bottom' => 40],
        );
        $says =
            match (true) {
                $bed->bend > 0 && $bed->shows(Symptom::CurlToBack) => 'its edges curl to the back',
                $bed->bend < 0 && $bed->shows(Symptom::CurlToFront) => 'its edges curl to the front',
                default => 'its edges lie flat',
            } . ($height > 0 ? ', and it ripples' : '');

        return new Picture($canvas, "The finished quilt from its edge: $says.", [
            Shape::line($canvas->left, $canvas->px(4), $canvas->right(), $canvas->px(4), 'sketch-should'),
            Shape::polyline(self::edge($bed, $height, -$canvas->px(5)), 'bed-front'),
            Shape::polyline(self::edge($bed, $height, 0.0), 'bed-backing'),
            Shape::text(0, $canvas->bottom() - $canvas->px(12), $says, $canvas->px(15), 'strong', 'middle'),
        ]);
    }

    /** @return list<array{float, float}> */
    private static function edge(Bed $bed, float $height, float $off): array
    {
        return array_map(static function (int $i) use ($bed, $height, $off): array {
            $x = $i * self::STEP_MM - self::HALF_MM;
            $free = max(0.0, abs($x) - (self::HALF_MM - self::FREE_MM));

            return [
                $x,
                $off +
                (($bed->bend * $free ** 2) / 2) * BedPicture::TIMES -
                ($height / 2) * (1 - cos((2 * \M_PI * $x) / Cloth::RIPPLE_MM)),
            ];
        }, range(0, (int) ((2 * self::HALF_MM) / self::STEP_MM)));
    }
}
