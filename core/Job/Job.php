<?php

declare(strict_types=1);

namespace Schwung\Core\Job;

use Schwung\Core\Frame\Frame;
use Schwung\Core\Material\Backing;
use Schwung\Core\Material\Batting;
use Schwung\Core\Material\Top;
use Schwung\Core\Measure\UnitSystem;

/** Everything known of one quilt before it is loaded; batting and quilting may be missing. */
final readonly class Job
{
    public function __construct(
        public string $title,
        public UnitSystem $units,
        public Top $top,
        public Backing $backing,
        public ?Batting $batting,
        public Frame $frame,
        public Load $load,
        public ?Quilting $quilting = null,
    ) {
    }

    public function withBacking(Backing $backing): self
    {
        return new self($this->title, $this->units, $this->top, $backing, $this->batting, $this->frame, $this->load, $this->quilting);
    }

    public function withLoad(Load $load): self
    {
        return new self($this->title, $this->units, $this->top, $this->backing, $this->batting, $this->frame, $load, $this->quilting);
    }

    public function withQuilting(?Quilting $quilting): self
    {
        return new self($this->title, $this->units, $this->top, $this->backing, $this->batting, $this->frame, $this->load, $quilting);
    }
}
