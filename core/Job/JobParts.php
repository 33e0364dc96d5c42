<?php

declare(strict_types=1);

namespace Schwung\Core\Job;

use Schwung\Core\Frame\Frame;
use Schwung\Core\Material\Backing;
use Schwung\Core\Material\Batting;
use Schwung\Core\Material\Top;
use Schwung\Core\Measure\UnitSystem;

/**
 * What could be read of a job that is still being filled in; a part that is missing or faulty is null. Of a top or a
 * backing of which some measures are there, the guess stands beside it.
 *
 * Made with named arguments.
 */
final readonly class JobParts
{
    public function __construct(
        public ?string $title,
        public ?UnitSystem $units,
        public ?Top $top,
        public ?Backing $backing,
        public ?Batting $batting,
        public ?Frame $frame,
        public ?Load $load,
        public ?Quilting $quilting,
        public Desk $desk = new Desk(),
        public Tape $tape = new Tape(),
        public ?Top $guessedTop = null,
        public ?Backing $guessedBacking = null,
    ) {}

    /** The same with what is not measured yet of top and backing guessed. */
    public function guessed(): self
    {
        return new self(
            title: $this->title,
            units: $this->units,
            top: $this->top ?? $this->guessedTop,
            backing: $this->backing ?? $this->guessedBacking,
            batting: $this->batting,
            frame: $this->frame,
            load: $this->load,
            quilting: $this->quilting,
            desk: $this->desk,
            tape: $this->tape,
        );
    }

    public static function of(Job $job): self
    {
        return new self(
            title: $job->title,
            units: $job->units,
            top: $job->top,
            backing: $job->backing,
            batting: $job->batting,
            frame: $job->frame,
            load: $job->load,
            quilting: $job->quilting,
            desk: $job->desk,
        );
    }

    /** The whole job, or null while a part that every plan needs is missing. */
    public function job(): ?Job
    {
        if (
            null === $this->title ||
            null === $this->units ||
            null === $this->top ||
            null === $this->backing ||
            null === $this->frame ||
            null === $this->load
        ) {
            return null;
        }

        return new Job(
            title: $this->title,
            units: $this->units,
            top: $this->top,
            backing: $this->backing,
            batting: $this->batting,
            frame: $this->frame,
            load: $this->load,
            quilting: $this->quilting,
            desk: $this->desk,
        );
    }
}
