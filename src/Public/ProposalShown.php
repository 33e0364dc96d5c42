<?php

declare(strict_types=1);

namespace App\Public;

/** What a client sent, as the studio reads it. */
final readonly class ProposalShown
{
    /**
     * @param list<ProposedMeasure> $measures
     * @param string                $would    what would be said of the quilt with all of them
     */
    public function __construct(public Proposal $proposal, public array $measures, public string $would) {}
}
