<?php

declare(strict_types=1);

namespace Schwung\Core\Tension\Trainer;

use Schwung\Core\Tension\Cause;

/** What somebody takes to be the causes, and the remedies chosen against them. */
final readonly class Guess
{
    /**
     * @param list<Cause> $causes
     * @param list<Cause> $remedies each told by the cause that it is against
     */
    public function __construct(public array $causes, public array $remedies) {}
}
