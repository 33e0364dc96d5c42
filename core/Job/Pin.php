<?php

declare(strict_types=1);

namespace Schwung\Core\Job;

use Schwung\Core\Measure\UnitSystem;

/**
 * A decision that was kept, as it was worded then: what is changed later does not undo it silently. One that is still
 * to be done with the hands is a promise until somebody has done it.
 */
final readonly class Pin
{
    /**
     * @param array<string, string> $words   by the words of UnitSystem
     * @param string                $by      who kept it
     * @param string                $at      when, in ISO 8601
     * @param string                $doneBy  who has done it; empty while nobody has
     */
    public function __construct(
        public string $key,
        public array $words,
        public string $by,
        public string $at,
        public string $doneBy = '',
        public string $doneAt = '',
    ) {}

    /** @param list<self> $pins */
    public static function among(array $pins, string $key): ?self
    {
        foreach ($pins as $pin) {
            if ($key === $pin->key) {
                return $pin;
            }
        }

        return null;
    }

    public function isDone(): bool
    {
        return '' !== $this->doneBy;
    }

    public function said(UnitSystem $units): string
    {
        return $this->words[$units->value] ?? '';
    }

    public function done(string $by, string $at): self
    {
        return new self($this->key, $this->words, $this->by, $this->at, $by, $at);
    }

    public function undone(): self
    {
        return new self($this->key, $this->words, $this->by, $this->at);
    }
}
