<?php

declare(strict_types=1);

namespace App\AtTheFrame;

/** Makes a photo anew from what a device sent: a JPEG of bounded size with nothing in it but the picture. */
final readonly class PhotoMaker
{
    public const LARGEST_BYTES = 6_000_000;
    /** Twelve megapixels, as phones count them. */
    private const MOST_PIXELS = 12_600_000;
    private const LONGEST_SIDE = 1600;
    private const QUALITY = 82;

    /**
     * @param string $dataUrl "data:image/…;base64,…"
     *
     * @return string|null the picture's own bytes; null where its head is that of no picture, or it is too large
     */
    public function checked(string $dataUrl): ?string
    {
        if (
            1 !== preg_match('~^data:image/(?:jpeg|png|webp);base64,~', $dataUrl, $head) ||
            \strlen($dataUrl) > self::LARGEST_BYTES
        ) {
            return null;
        }
        $bytes = base64_decode(substr($dataUrl, \strlen($head[0])), true);
        // The size stands in the file's head: what is too large is never unpacked.
        $size = false === $bytes ? false : @getimagesizefromstring($bytes);

        return false === $bytes || false === $size || $size[0] < 1 || $size[0] * $size[1] > self::MOST_PIXELS
            ? null
            : $bytes;
    }

    /** @return string|null the new JPEG; null where the bytes are no picture after all */
    public function remade(string $bytes): ?string
    {
        $image = @imagecreatefromstring($bytes);

        return false === $image ? null : $this->jpeg($image);
    }

    private function jpeg(\GdImage $image): ?string
    {
        $scale = min(1.0, self::LONGEST_SIDE / max(imagesx($image), imagesy($image)));
        $scaled = imagescale(
            $image,
            max(1, (int) round(imagesx($image) * $scale)),
            max(1, (int) round(imagesy($image) * $scale)),
        );
        if (false === $scaled) {
            return null;
        }
        $flat = imagecreatetruecolor(imagesx($scaled), imagesy($scaled));
        imagefill($flat, 0, 0, (int) imagecolorallocate($flat, 255, 255, 255));
        imagecopy($flat, $scaled, 0, 0, 0, 0, imagesx($scaled), imagesy($scaled));
        ob_start();
        imagejpeg($flat, null, self::QUALITY);

        return ob_get_clean() ?: null;
    }
}
