<?php

declare(strict_types=1);

namespace Schwung\Core\Shelf;

use Schwung\Core\Material\BattingKind;
use Schwung\Core\Measure\Length;

/** The batting that a waiting quilt needs. */
final readonly class Need
{
    /** @param string $of the client whose quilt it is, who may have cloth of their own; empty for nobody's */
    public function __construct(
        public string $id,
        public BattingKind $kind,
        public Length $across,
        public Length $along,
        public string $of = '',
    ) {}

    /** Of its kind, and either the studio's or its own client's. */
    public function mayTake(BattingKind $kind, string $of): bool
    {
        return $this->kind === $kind && ('' === $of || $of === $this->of);
    }
}
