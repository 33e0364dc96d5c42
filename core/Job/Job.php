<?php

declare(strict_types=1);

namespace Schwung\Core\Job;

use Schwung\Core\Frame\Frame;
use Schwung\Core\Material\Backing;
use Schwung\Core\Material\Batting;
use Schwung\Core\Material\Top;
use Schwung\Core\Measure\UnitSystem;
use Schwung\Core\Practice\FloatKind;

/**
 * Everything known of one quilt before it is loaded; batting and quilting may be missing.
 *
 * Made with named arguments.
 */
final readonly class Job
{
    public function __construct(
        public string $title,
        public UnitSystem $units,
        public Top $top,
        public Backing $backing,
        public ?Batting $batting,
        public Frame $frame,
        public Load $load = new Load(),
        public ?Quilting $quilting = null,
        public Desk $desk = new Desk(),
    ) {}

    /** How much of the top really floats: a shaped edge always does, and so does a top without a roller. */
    public function float(): FloatKind
    {
        return $this->top->edge->mustFloat() || !$this->frame->kind->hasTopRoller()
            ? FloatKind::Full
            : $this->load->float;
    }

    public function withBacking(Backing $backing): self
    {
        return $this->with(['backing' => $backing]);
    }

    public function withLoad(Load $load): self
    {
        return $this->with(['load' => $load]);
    }

    public function withBatting(?Batting $batting): self
    {
        return $this->with(['batting' => $batting]);
    }

    public function withQuilting(?Quilting $quilting): self
    {
        return $this->with(['quilting' => $quilting]);
    }

    /** @param array<string, mixed> $changed members by name */
    private function with(array $changed): self
    {
        // @phpstan-ignore argument.type (the names and types are those of this class)
        return new self(...[...get_object_vars($this), ...$changed]);
    }
}
