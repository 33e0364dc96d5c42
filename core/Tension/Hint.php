<?php

declare(strict_types=1);

namespace Schwung\Core\Tension;

/** A circumstance that makes a cause more or less likely. */
final readonly class Hint
{
    /** What cannot be: no seam for a seam's fault, a motorised frame for a ratchet's. */
    public const IMPOSSIBLE = -3;

    /**
     * @param int                           $weight from -3 (impossible) to +2; never 0
     * @param string                        $says   the circumstance as a clause: "a seam runs with the quilt"
     * @param \Closure(Circumstances): ?bool $holds  null where it is not known
     */
    public function __construct(public int $weight, public string $says, private \Closure $holds) {}

    public function holdsIn(Circumstances $circumstances): bool
    {
        return true === ($this->holds)($circumstances);
    }
}
