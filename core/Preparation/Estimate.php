<?php

declare(strict_types=1);

namespace Schwung\Core\Preparation;

use Schwung\Core\Job\Taping;
use Schwung\Core\Measure\Phrase;
use Schwung\Core\Measure\Range;

/** What can be said of a quilt before all of it is measured: ranges, and which measure would narrow them most. */
final readonly class Estimate
{
    /**
     * @param Range        $across what the backing needs along the rails
     * @param Range        $along  what it needs from roller to roller
     * @param Range|null   $spareAcross less what the backing gives; below zero is what is missing; null without a backing
     * @param list<Taping> $open   what is not measured and bears on it, the most telling first
     */
    public function __construct(
        public Range $across,
        public Range $along,
        public ?Range $spareAcross,
        public ?Range $spareAlong,
        public array $open,
        public int $perThousand,
    ) {}

    public function isClosed(): bool
    {
        return [] === $this->open ||
            ($this->across->isClosed() &&
                $this->along->isClosed() &&
                true === $this->spareAcross?->isClosed() &&
                true === $this->spareAlong?->isClosed());
    }

    /** The measure that narrows the range most; null where nothing is open. */
    public function next(): ?Taping
    {
        return $this->open[0] ?? null;
    }

    public function sentence(): Phrase
    {
        return (new EstimateSentence())->of($this);
    }

    /** Why it is a range. */
    public function reason(): Phrase
    {
        $open = array_map(static fn(Taping $measure): string => $measure->inASentence(), $this->open);

        return Phrase::of(
            'Not measured yet: %s. Each may be up to %s longer or shorter than what lies opposite.',
            Phrase::listed($open),
            \sprintf('%s %%', $this->perThousand / 10),
        );
    }
}
