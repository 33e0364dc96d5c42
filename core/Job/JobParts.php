<?php

declare(strict_types=1);

namespace Schwung\Core\Job;

use Schwung\Core\Frame\Frame;
use Schwung\Core\Material\Backing;
use Schwung\Core\Material\Batting;
use Schwung\Core\Material\Top;
use Schwung\Core\Measure\UnitSystem;

/** What could be read of a job document that is still being filled in. */
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
    ) {
    }

    /** The whole job, or null while a part that every plan needs is missing. */
    public function job(): ?Job
    {
        if (null === $this->title || null === $this->units || null === $this->top || null === $this->backing || null === $this->frame || null === $this->load) {
            return null;
        }

        return new Job($this->title, $this->units, $this->top, $this->backing, $this->batting, $this->frame, $this->load, $this->quilting);
    }
}
