<?php

declare(strict_types=1);

namespace App\Designs;

use App\Drawing\Picture;
use Schwung\Core\Design\StitchPath;
use Symfony\Component\Uid\Ulid;

/** A row design as the shelf shows it; one that came along has no id and cannot be taken off. */
final readonly class ShelfDesign
{
    public ?Picture $picture;

    /** @param StitchPath|null $path null where it cannot be read any more */
    public function __construct(public string $name, public ?StitchPath $path, public ?Ulid $id)
    {
        $this->picture = null === $path ? null : (new DesignPicture())->of($path, $name);
    }
}
