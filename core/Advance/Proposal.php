<?php

declare(strict_types=1);

namespace Schwung\Core\Advance;

use Schwung\Core\Job\RowDesign;
use Schwung\Core\Material\Direction;
use Schwung\Core\Measure\Phrase;

/** A way to better passes: its title, its numbers, and what it changes of rows or direction. */
final readonly class Proposal
{
    /**
     * @param RowDesign|null $rows      the design instead of the one asked for
     * @param Direction|null $direction the way round instead of the one taken
     */
    public function __construct(
        public ProposalKind $kind,
        public Phrase $title,
        public Phrase $text,
        public ?RowDesign $rows = null,
        public ?Direction $direction = null,
    ) {}
}
