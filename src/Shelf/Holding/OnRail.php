<?php

declare(strict_types=1);

namespace App\Shelf\Holding;

use App\Frames\StudioFrame;
use Schwung\Core\Shelf\Hanging;

/** The pieces that hold what is on a frame. */
final readonly class OnRail
{
    /** @param list<Hanging> $hanging */
    public function __construct(public StudioFrame $frame, public array $hanging) {}
}
