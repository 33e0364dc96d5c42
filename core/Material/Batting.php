<?php

declare(strict_types=1);

namespace Schwung\Core\Material;

use Schwung\Core\Measure\Length;

/**
 * One piece of batting; $opened is when it came out of its bag, and $quiltingDistance how far apart its maker lets
 * lines of quilting be, if that is known.
 */
final readonly class Batting
{
    public function __construct(
        public Length $width,
        public Length $length,
        public BattingKind $kind,
        public ?Length $loft = null,
        public ?\DateTimeImmutable $opened = null,
        public ?Length $quiltingDistance = null,
    ) {}

    /** The same batting in another size. */
    public function sized(Length $width, Length $length): self
    {
        return new self($width, $length, $this->kind, $this->loft, $this->opened, $this->quiltingDistance);
    }
}
