<?php

declare(strict_types=1);

namespace Schwung\Core\Sizing;

use Schwung\Core\Measure\Length;

/** The strips that make a short backing long enough, in the order of sewing, and the size it then has. */
final readonly class ExtensionPlan
{
    /** @param list<Strip> $strips those along the rails first */
    public function __construct(public array $strips, public Length $across, public Length $along) {}
}
