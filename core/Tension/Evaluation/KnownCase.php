<?php

declare(strict_types=1);

namespace Schwung\Core\Tension\Evaluation;

use Schwung\Core\Tension\Cause;
use Schwung\Core\Tension\TensionCase;

/** A case whose cause is known. */
final readonly class KnownCase
{
    /**
     * @param non-empty-list<Cause> $causes    one, or two that were there at once
     * @param bool                  $isHeldOut not looked at while strengths and chances were set
     */
    public function __construct(
        public string $title,
        public TensionCase $case,
        public array $causes,
        public bool $isHeldOut,
    ) {}
}
