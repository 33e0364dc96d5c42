<?php

declare(strict_types=1);

namespace Schwung\Core\Job;

/** Gathers every fault of a document while it is read, so that all are told at once. */
final class Faults
{
    /** @var list<Fault> */
    private array $faults = [];

    public function add(string $pointer, string $message): void
    {
        $this->faults[] = new Fault($pointer, $message);
    }

    public function addMissing(string $pointer, string $expected): void
    {
        $this->faults[] = new Fault($pointer, "is missing. Needed is $expected.", true);
    }

    /** @return list<Fault> */
    public function all(): array
    {
        return $this->faults;
    }
}
