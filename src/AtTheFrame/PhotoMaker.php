<?php

declare(strict_types=1);

namespace App\AtTheFrame;

use Intervention\Image\Decoders\BinaryImageDecoder;
use Intervention\Image\Exceptions\RuntimeException;
use Intervention\Image\ImageManager;

/** Makes a photo anew from what a device sent: a JPEG of bounded size with nothing in it but the picture. */
final readonly class PhotoMaker
{
    public const LARGEST_BYTES = 6_000_000;
    /** Twelve megapixels, as phones count them. */
    private const MOST_PIXELS = 12_600_000;
    private const LONGEST_SIDE = 1600;
    private const QUALITY = 82;
    private const SMALL_SIDE = 320;
    private const SMALL_QUALITY = 70;
    private const KINDS = ['image/jpeg', 'image/png', 'image/webp'];

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

        return false !== $bytes && null === $this->fault($bytes) ? $bytes : null;
    }

    /** @return string|null why these bytes are not taken as a photo, for whoever sends them */
    public function fault(string $bytes): ?string
    {
        // The size stands in the file's head: what is too large is never unpacked.
        $size = @getimagesizefromstring($bytes);

        return match (true) {
            false === $size,
            $size[0] < 1,
            !\in_array($size['mime'], self::KINDS, true)
                => 'This is no picture that can be read. Send a JPEG, a PNG or a WebP.',
            $size[0] * $size[1] > self::MOST_PIXELS => \sprintf(
                'This picture has %.0f megapixels; up to 12 are taken. Make it smaller, or take it with the camera here.',
                ($size[0] * $size[1]) / 1e6,
            ),
            default => null,
        };
    }

    /** @return array{string, string}|null the new JPEG and a small one; null where the bytes are no picture after all */
    public function remade(string $bytes): ?array
    {
        try {
            $picture = ImageManager::gd()->read($bytes, BinaryImageDecoder::class);
        } catch (RuntimeException) {
            return null;
        }
        $picture->blendTransparency('ffffff')->scaleDown(self::LONGEST_SIDE, self::LONGEST_SIDE);
        $jpeg = $picture->toJpeg(self::QUALITY, strip: true)->toString();

        return [
            $jpeg,
            $picture
                ->scaleDown(self::SMALL_SIDE, self::SMALL_SIDE)
                ->toJpeg(self::SMALL_QUALITY, strip: true)
                ->toString(),
        ];
    }
}
