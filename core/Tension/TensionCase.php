<?php

declare(strict_types=1);

namespace Schwung\Core\Tension;

/** What is seen of a fault, what was looked for and is not there, and what is known beside it. */
final readonly class TensionCase
{
    /**
     * @param list<Symptom> $seen
     * @param list<Symptom> $absent  looked for, and not there
     * @param list<Cause>   $proved  by their own test
     * @param list<Cause>   $refuted the same
     *
     * @throws \InvalidArgumentException if a symptom is in both lists
     */
    public function __construct(
        public array $seen,
        public array $absent = [],
        public Circumstances $circumstances = new Circumstances(),
        public array $proved = [],
        public array $refuted = [],
    ) {
        foreach ($seen as $symptom) {
            if (\in_array($symptom, $absent, true)) {
                throw new \InvalidArgumentException(\sprintf('"%s" cannot be both seen and absent.', $symptom->value));
            }
        }
    }

    public function isOpen(Symptom $symptom): bool
    {
        return !\in_array($symptom, [...$this->seen, ...$this->absent], true);
    }

    /** With the answer of a cause's own test. */
    public function tested(Cause $cause, bool $isProved): self
    {
        return new self(
            $this->seen,
            $this->absent,
            $this->circumstances,
            $isProved ? [...$this->proved, $cause] : $this->proved,
            $isProved ? $this->refuted : [...$this->refuted, $cause],
        );
    }

    public function with(Symptom $symptom, bool $isSeen): self
    {
        return $isSeen
            ? new self([...$this->seen, $symptom], $this->absent, $this->circumstances, $this->proved, $this->refuted)
            : new self($this->seen, [...$this->absent, $symptom], $this->circumstances, $this->proved, $this->refuted);
    }
}
