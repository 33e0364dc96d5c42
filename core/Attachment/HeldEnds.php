<?php

declare(strict_types=1);

namespace Schwung\Core\Attachment;

use Schwung\Core\Material\End;

/** How all edges of a load are held: both ends of the backing, and the top's own edge where it does not float. */
final readonly class HeldEnds
{
    /**
     * @param Attachment|null $lead null where clips are wanted and nobody counted them
     * @param Attachment|null $tail the same
     * @param Attachment|null $top  the same, and where the top floats
     */
    public function __construct(
        public ?Attachment $lead,
        public ?Attachment $tail,
        public ?Attachment $top,
        public bool $holdsTop,
    ) {}

    /** Null where clips are wanted and nobody counted them. */
    public function at(End $end): ?Attachment
    {
        return End::Lead === $end ? $this->lead : $this->tail;
    }

    /** @return array<string, Attachment|null> lead, tail, and top where it is held */
    public function byEdge(): array
    {
        return ['lead' => $this->lead, 'tail' => $this->tail, ...$this->holdsTop ? ['top' => $this->top] : []];
    }

    /** As it is where the layers are one already: no top of its own is held. */
    public function withoutTop(): self
    {
        return new self($this->lead, $this->tail, null, false);
    }

    public function minutes(): float
    {
        return array_sum(
            array_map(static fn(?Attachment $attachment): float => $attachment?->minutes() ?? 0.0, $this->byEdge()),
        );
    }

    /** How many pieces are put in, and have to come out. */
    public function count(): int
    {
        return array_sum(
            array_map(static fn(?Attachment $attachment): int => $attachment?->count() ?? 0, $this->byEdge()),
        );
    }
}
