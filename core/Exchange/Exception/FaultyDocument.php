<?php

declare(strict_types=1);

namespace Schwung\Core\Exchange\Exception;

use Schwung\Core\Job\Fault;

/** A document that cannot be used; carries every fault found. */
final class FaultyDocument extends \DomainException
{
    /** @param non-empty-list<Fault> $faults */
    private function __construct(public readonly array $faults)
    {
        parent::__construct(implode("\n", array_map(static fn(Fault $fault): string => $fault->line(), $faults)));
    }

    /** @param non-empty-list<Fault> $faults */
    public static function with(array $faults): self
    {
        return new self($faults);
    }
}
