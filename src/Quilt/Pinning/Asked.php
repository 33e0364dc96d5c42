<?php

declare(strict_types=1);

namespace App\Quilt\Pinning;

use App\Quilt\Sheet;
use Schwung\Core\Preparation\BrokenPin;
use Schwung\Core\Preparation\Preparation;

/** A change that would undo what was kept, and was not made: the sheet as it would be, and what that costs. */
final readonly class Asked
{
    /**
     * @param list<BrokenPin> $broken
     * @param Preparation     $before of the quilt as it stands
     */
    public function __construct(public Sheet $sheet, public array $broken, public Preparation $before) {}
}
