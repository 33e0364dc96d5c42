<?php

declare(strict_types=1);

namespace App\Tension;

use Schwung\Core\Tension\Cause;
use Schwung\Core\Tension\Knowledge;
use Schwung\Core\Tension\Symptom;

/** What was done against a cause of a symptom, and how often it helped. */
final readonly class Remedy
{
    /** @param string $action the last that helped, or the last that was tried */
    public function __construct(
        public Symptom $symptom,
        private string $cause,
        public string $action = '',
        public int $tried = 0,
        public int $helped = 0,
    ) {}

    public function with(string $action, bool $isHelp): self
    {
        $takes = '' === $this->action || ($isHelp && 0 === $this->helped);

        return new self(
            $this->symptom,
            $this->cause,
            $takes ? $action : $this->action,
            $this->tried + 1,
            $this->helped + ($isHelp ? 1 : 0),
        );
    }

    public function words(): string
    {
        $cause = Cause::tryFrom($this->cause);

        return null === $cause ? $this->cause : Knowledge::ofTheTrade()->of($cause)->words;
    }
}
