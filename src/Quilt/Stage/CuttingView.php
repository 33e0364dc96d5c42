<?php

declare(strict_types=1);

namespace App\Quilt\Stage;

use App\Drawing\Picture;
use Schwung\Core\Preparation\Mended;
use Schwung\Core\Sizing\BackingCheck;

/** What to cut for the mend that is kept, with its drawing. */
final readonly class CuttingView
{
    public function __construct(public Mended $mended, public BackingCheck $short, public Picture $picture) {}
}
