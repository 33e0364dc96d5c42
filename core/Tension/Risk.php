<?php

declare(strict_types=1);

namespace Schwung\Core\Tension;

/** A fault that a quilt is likely to meet as it is planned, while it can still be kept away. */
final readonly class Risk
{
    /**
     * @param string       $stage   of the preparation, where it can be changed: measure, backing, direction, attach,
     *   passes, load
     * @param Symptom      $shows   what would be seen of it first
     * @param list<string> $because what speaks for it, as clauses; never empty
     */
    public function __construct(
        public CauseEntry $entry,
        public string $stage,
        public Symptom $shows,
        public array $because,
    ) {}

    public function sentence(): string
    {
        return \sprintf(
            'May come: %s, because %s. Better: %s',
            $this->shows->words(),
            implode(' and ', $this->because),
            lcfirst($this->entry->nextTime),
        );
    }
}
