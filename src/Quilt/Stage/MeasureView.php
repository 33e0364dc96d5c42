<?php

declare(strict_types=1);

namespace App\Quilt\Stage;

use Schwung\Core\Sizing\MeasuredTop;

/** What the tape says of the top. */
final readonly class MeasureView
{
    public function __construct(public ?MeasuredTop $top) {}
}
