<?php

declare(strict_types=1);

namespace Schwung\Core\Queue;

/** A quilt that waits for a frame. */
final readonly class QueueJob
{
    /**
     * @param int|null              $due       the day it is promised for, counted from the first day; null for none
     * @param list<string>          $frames    that it can go on
     * @param int                   $minutes   of work on the frame
     * @param int                   $notBefore minute of the wall clock before which it cannot begin
     * @param array<string, string> $traits    what has to be changed for it, by what: thread, foot, hold, batting
     * @param int|null              $place     where it was pinned to stand on its frame, the first is 1
     */
    public function __construct(
        public string $id,
        public ?int $due,
        public array $frames,
        public int $minutes,
        public int $notBefore = 0,
        public float $weight = 1.0,
        public array $traits = [],
        public ?int $place = null,
    ) {}

    /**
     * The same on these frames, at no place of its own, where it takes so long.
     *
     * @param list<string> $frames
     */
    public function taking(array $frames, int $minutes): self
    {
        return new self(
            id: $this->id,
            due: $this->due,
            frames: $frames,
            minutes: $minutes,
            notBefore: $this->notBefore,
            weight: $this->weight,
            traits: $this->traits,
        );
    }

    /** @param list<string> $frames */
    public function pinned(array $frames, ?int $place, int $notBefore): self
    {
        return new self(
            id: $this->id,
            due: $this->due,
            frames: $frames,
            minutes: $this->minutes,
            notBefore: max($this->notBefore, $notBefore),
            weight: $this->weight,
            traits: $this->traits,
            place: $place,
        );
    }
}
