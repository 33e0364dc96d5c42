<?php

declare(strict_types=1);

namespace Schwung\Core\Loading;

use Schwung\Core\Frame\Foot;

/** The foot for a quilt, and why this one. */
final readonly class ChosenFoot
{
    /**
     * @param string    $reason a sentence
     * @param Foot|null $wanted that would suit better, and is not written down for the machine
     */
    public function __construct(public Foot $foot, public string $reason, public ?Foot $wanted = null) {}
}
