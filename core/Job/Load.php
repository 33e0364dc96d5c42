<?php

declare(strict_types=1);

namespace Schwung\Core\Job;

use Schwung\Core\Frame\HoldingSystem;
use Schwung\Core\Material\End;
use Schwung\Core\Material\TopEdge;
use Schwung\Core\Practice\FloatKind;
use Schwung\Core\Practice\HoldHabit;
use Schwung\Core\Practice\MarginSchool;

/**
 * How the quilter wants to load: way round, margins, float, what holds each end and the top's own edge, and when.
 *
 * More than seven members: it is made with named arguments.
 */
final readonly class Load
{
    public function __construct(
        public DirectionWish $direction = DirectionWish::Auto,
        public MarginSchool $school = MarginSchool::Four,
        public ?CustomMargins $custom = null,
        public FloatKind $float = FloatKind::Full,
        public HoldingSystem $lead = HoldingSystem::Pins,
        public HoldingSystem $tail = HoldingSystem::Pins,
        public HoldingSystem $top = HoldingSystem::Pins,
        public HoldHabit $leadHabit = new HoldHabit(),
        public HoldHabit $tailHabit = new HoldHabit(),
        public HoldHabit $topHabit = new HoldHabit(),
        public ?\DateTimeImmutable $planned = null,
        public ?TopEdge $leadEdge = null,
    ) {}

    /** The way round that is asked for; an edge that is to lead asks for the one in which it can. */
    public function wish(): DirectionWish
    {
        return DirectionWish::Auto === $this->direction && null !== $this->leadEdge
            ? DirectionWish::from($this->leadEdge->direction()->value)
            : $this->direction;
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
        return $this->with(['direction' => $direction]);
    }

    public function withSchool(MarginSchool $school): self
    {
        return $this->with(['school' => $school, 'custom' => null]);
    }

    public function withHolding(HoldingSystem $lead, HoldingSystem $tail): self
    {
        return $this->with(['lead' => $lead, 'tail' => $tail]);
    }

    public function withFloat(FloatKind $float): self
    {
        return $this->with(['float' => $float]);
    }

    /** @param array<string, mixed> $changed members by name */
    private function with(array $changed): self
    {
        // @phpstan-ignore argument.type (the names and types are those of this class)
        return new self(...[...get_object_vars($this), ...$changed]);
    }
}
