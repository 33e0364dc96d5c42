<?php

declare(strict_types=1);

namespace Schwung\Core\Job;

use Schwung\Core\Frame\HoldingSystem;
use Schwung\Core\Material\End;
use Schwung\Core\Practice\FloatKind;
use Schwung\Core\Practice\HoldHabit;
use Schwung\Core\Practice\MarginSchool;

/** How the quilter wants to load: way round, margins, float, what holds each end, and when. */
final readonly class Load
{
    public function __construct(
        public DirectionWish $direction = DirectionWish::Auto,
        public MarginSchool $school = MarginSchool::Four,
        public ?CustomMargins $custom = null,
        public FloatKind $float = FloatKind::Full,
        public HoldingSystem $lead = HoldingSystem::Pins,
        public HoldingSystem $tail = HoldingSystem::Pins,
        public ?\DateTimeImmutable $planned = null,
        public HoldHabit $leadHabit = new HoldHabit(),
        public HoldHabit $tailHabit = new HoldHabit(),
    ) {
    }

    public function holdingAt(End $end): HoldingSystem
    {
        return End::Lead === $end ? $this->lead : $this->tail;
    }

    public function habitAt(End $end): HoldHabit
    {
        return End::Lead === $end ? $this->leadHabit : $this->tailHabit;
    }

    public function withDirection(DirectionWish $direction): self
    {
        return new self($direction, $this->school, $this->custom, $this->float, $this->lead, $this->tail, $this->planned, $this->leadHabit, $this->tailHabit);
    }

    public function withSchool(MarginSchool $school): self
    {
        return new self($this->direction, $school, null, $this->float, $this->lead, $this->tail, $this->planned, $this->leadHabit, $this->tailHabit);
    }

    public function withHolding(HoldingSystem $lead, HoldingSystem $tail): self
    {
        return new self($this->direction, $this->school, $this->custom, $this->float, $lead, $tail, $this->planned, $this->leadHabit, $this->tailHabit);
    }
}
