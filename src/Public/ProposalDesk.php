<?php

declare(strict_types=1);

namespace App\Public;

use App\Account\Person;
use App\Bench\Plan\QueueChanges;
use App\Quilt\Pinning\Deciding;
use App\Quilt\Sheet;
use Doctrine\ORM\EntityManagerInterface;
use Psr\Clock\ClockInterface;

/**
 * Where somebody of the studio decides about what a client sent: each once, and what is taken over laid on the quilt.
 */
final readonly class ProposalDesk
{
    public function __construct(
        private ProposalRepository $proposals,
        private Deciding $deciding,
        private QueueChanges $queue,
        private EntityManagerInterface $entities,
        private ClockInterface $clock,
    ) {}

    /** @param list<string> $paths of the measures that are taken over */
    public function accept(Proposal $proposal, array $paths, Person $person): ProposalOutcome
    {
        return $this->decide($proposal, array_intersect_key($proposal->measures, array_flip($paths)), true, $person);
    }

    public function refuse(Proposal $proposal, Person $person): ProposalOutcome
    {
        return $this->decide($proposal, [], false, $person);
    }

    /** @param array<string, string> $measures that are laid on the quilt */
    private function decide(Proposal $proposal, array $measures, bool $isAccepted, Person $person): ProposalOutcome
    {
        $outcome = $this->entities->wrapInTransaction(function () use (
            $proposal,
            $measures,
            $isAccepted,
            $person,
        ): ProposalOutcome {
            if (!$this->proposals->decide($proposal, $isAccepted, $person->name(), $this->clock->now())) {
                return ProposalOutcome::Late;
            }
            if ([] === $measures) {
                return $isAccepted ? ProposalOutcome::Accepted : ProposalOutcome::Refused;
            }
            $asked = $this->deciding->change(
                $proposal->quilt,
                $person,
                static fn(Sheet $sheet): Sheet => ClientMeasures::laid($sheet, $measures),
            );
            if (null === $asked) {
                return ProposalOutcome::Accepted;
            }
            $this->proposals->reopen($proposal);

            return ProposalOutcome::Kept;
        });
        // The bench asks nobody to read it any more.
        $this->queue->ask($proposal->quilt->studio->id());

        return $outcome;
    }
}
