<?php

declare(strict_types=1);

namespace App\AtTheFrame;

use App\Account\Studio;
use App\Quilt\Quilt;
use Symfony\Component\HttpFoundation\File\UploadedFile;
use Symfony\Component\Messenger\MessageBusInterface;

/** Takes photos of a quilt that come as files, as long as a studio has room for them. */
final readonly class PhotoShelf
{
    /** So much a studio's photos may take; as made anew one takes about a third of a megabyte. */
    public const MOST_BYTES = 2_000_000_000;

    public function __construct(
        private PhotoRepository $photos,
        private PhotoMaker $maker,
        private MessageBusInterface $bus,
    ) {}

    /** @throws PhotosRefused with a sentence for whoever sent it */
    public function take(Quilt $quilt, UploadedFile $file): Photo
    {
        if (!$file->isValid() || $file->getSize() > PhotoMaker::LARGEST_BYTES) {
            throw new PhotosRefused('This picture is too large; up to 6 MB are taken.');
        }
        $bytes = $file->getContent();
        $fault = $this->maker->fault($bytes);
        if (null === $fault && !$this->hasRoom($quilt->studio, \strlen($bytes))) {
            $fault = 'The studio has no room for more photos. Delete quilts that are long gone, or export them first.';
        }
        if (null !== $fault) {
            throw new PhotosRefused($fault);
        }
        $photo = Photo::ofQuilt($quilt, $bytes);
        $this->photos->keep($photo);
        $this->bus->dispatch(new PhotoCame($photo->id()));

        return $photo;
    }

    public function hasRoom(Studio $studio, int $bytes): bool
    {
        return $this->photos->weigh($studio) + $bytes <= self::MOST_BYTES;
    }
}
