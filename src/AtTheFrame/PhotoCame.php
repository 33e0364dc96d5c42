<?php

declare(strict_types=1);

namespace App\AtTheFrame;

use Symfony\Component\Uid\Ulid;

/** A photo lies there as it was sent, and wants to be made anew. */
final readonly class PhotoCame
{
    public function __construct(public Ulid $photo) {}
}
