<?php

declare(strict_types=1);

namespace Schwung\Core\Frame;

/** The machine that runs on a frame, as far as the steps depend on it. */
final readonly class Machine
{
    /**
     * @param list<Foot> $feet   those owned; empty where nobody said
     * @param Foot|null  $always the one that stays on while nothing asks for another
     */
    public function __construct(
        public ?MachineKind $kind = null,
        public array $feet = [],
        public ?Foot $always = null,
        public BetterWay $better = BetterWay::Both,
    ) {}

    public function isComputerGuided(): bool
    {
        return MachineKind::ComputerGuided === $this->kind;
    }

    /** Where nobody wrote down any, all are thought to be there. */
    public function hasFoot(Foot $foot): bool
    {
        return [] === $this->feet || \in_array($foot, $this->feet, true) || $foot === $this->always;
    }
}
