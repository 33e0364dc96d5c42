<?php

declare(strict_types=1);

namespace Schwung\Core\Plan;

use Schwung\Core\Measure\Phrase;

/** Something the quilter should know; $at is the JSON pointer of the job's member that it concerns, no more. */
final readonly class Finding
{
    public Level $level;

    public function __construct(public FindingCode $code, public Phrase $text, public string $at, ?Level $level = null)
    {
        $this->level = $level ?? $code->level();
    }

    public function stage(): Stage
    {
        return $this->code->stage();
    }

    public function standing(): Standing
    {
        return $this->code->standing($this->level);
    }

    public function isStuck(): bool
    {
        return Standing::Stuck === $this->standing();
    }
}
