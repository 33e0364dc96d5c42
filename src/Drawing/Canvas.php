<?php

declare(strict_types=1);

namespace App\Drawing;

/**
 * A drawing's window on the bed, in millimetres, for a picture of a given nominal size in pixels.
 *
 * The scale is one for both directions; sizes that belong to the page (text, gaps) are given in pixels and turned
 * into millimetres here.
 */
final readonly class Canvas
{
    private function __construct(
        public float $left,
        public float $top,
        public float $width,
        public float $height,
        public float $perPixel,
    ) {}

    /**
     * Fits a part of the plane, with room in pixels kept free around it; a part that is wide for its height makes a
     * picture less high than it may be.
     *
     * @param array{left: float, top: float, right: float, bottom: float} $part
     * @param array{left: int, top: int, right: int, bottom: int}         $room
     */
    public static function around(array $part, int $pixelsWide, int $mostPixelsHigh, array $room): self
    {
        $perPixel = max(
            ($part['right'] - $part['left']) / ($pixelsWide - $room['left'] - $room['right']),
            ($part['bottom'] - $part['top']) / ($mostPixelsHigh - $room['top'] - $room['bottom']),
        );
        $spareAcross =
            $pixelsWide * $perPixel - ($part['right'] - $part['left']) - ($room['left'] + $room['right']) * $perPixel;

        return new self(
            $part['left'] - $room['left'] * $perPixel - $spareAcross / 2,
            $part['top'] - $room['top'] * $perPixel,
            $pixelsWide * $perPixel,
            $part['bottom'] - $part['top'] + ($room['top'] + $room['bottom']) * $perPixel,
            $perPixel,
        );
    }

    public function viewBox(): string
    {
        return \sprintf('%.1f %.1f %.1f %.1f', $this->left, $this->top, $this->width, $this->height);
    }

    /** Pixels of the page in millimetres of the bed. */
    public function px(float $pixels): float
    {
        return round($pixels * $this->perPixel, 2);
    }

    public function right(): float
    {
        return $this->left + $this->width;
    }

    public function bottom(): float
    {
        return $this->top + $this->height;
    }

    /** The class that places an element of the page at this x, to half a per cent of the width. */
    public function placeAcross(float $x): string
    {
        return 'at-x-' . max(0, min(200, (int) round((200 * ($x - $this->left)) / $this->width)));
    }

    /** The class that places an element of the page at this y, to half a per cent of the height. */
    public function placeDown(float $y): string
    {
        return 'at-y-' . max(0, min(200, (int) round((200 * ($y - $this->top)) / $this->height)));
    }
}
