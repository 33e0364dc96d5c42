<?php

declare(strict_types=1);

namespace Schwung\Core\Practice;

use Schwung\Core\Measure\Length;

/** Whose hands do the work, as far as plans and steps depend on it. */
final readonly class Body
{
    /** @param Length|null $reach over the bed from the front bar, without strain; null where nobody said */
    public function __construct(
        public Hand $hand = Hand::Right,
        public ?Length $reach = null,
        public bool $hasSoreHands = false,
    ) {}

    /** The same body, by the hand that a quilt asks for. */
    public function workingWith(?Hand $hand): self
    {
        return null === $hand ? $this : new self($hand, $this->reach, $this->hasSoreHands);
    }
}
