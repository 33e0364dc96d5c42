<?php

declare(strict_types=1);

namespace App\AtTheFrame;

use Symfony\Component\Messenger\Attribute\AsMessageHandler;

/** Makes a photo anew, so that nothing but the picture is in it; what is none after all is taken away. */
#[AsMessageHandler]
final readonly class PhotoCameHandler
{
    public function __construct(private PhotoRepository $photos, private PhotoMaker $maker) {}

    public function __invoke(PhotoCame $message): void
    {
        $photo = $this->photos->find($message->photo);
        if (null === $photo || !$photo->isRaw()) {
            return;
        }
        $made = $this->maker->remade($photo->jpeg());
        if (null === $made) {
            $this->photos->drop($photo);

            return;
        }
        $photo->remake(...$made);
        $this->photos->save();
    }
}
