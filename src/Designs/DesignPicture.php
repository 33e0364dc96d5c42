<?php

declare(strict_types=1);

namespace App\Designs;

use App\Drawing\Canvas;
use App\Drawing\Picture;
use App\Drawing\Shape;
use Schwung\Core\Design\StitchPath;

/** Draws a row design as two repeats side by side, so that it shows whether one carries on into the next. */
final readonly class DesignPicture
{
    public function of(StitchPath $path, string $name): Picture
    {
        [$repeat, $height] = [$path->repeat()->toMillimetres(), $path->height()->toMillimetres()];
        $canvas = Canvas::around(['left' => 0, 'top' => 0, 'right' => 2 * $repeat, 'bottom' => $height], 320, 120, [
            'left' => 8,
            'top' => 8,
            'right' => 8,
            'bottom' => 8,
        ]);

        return new Picture($canvas, "Two repeats of $name", [
            Shape::line($repeat, 0, $repeat, $height, 'row-edge'),
            Shape::path($path->toPathData(), 'stitched'),
            Shape::path($path->toPathData(), 'stitched')->movedBy($repeat, 0),
        ]);
    }
}
