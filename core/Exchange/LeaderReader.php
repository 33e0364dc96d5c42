<?php

declare(strict_types=1);

namespace Schwung\Core\Exchange;

use Schwung\Core\Exchange\Exception\FaultyDocument;
use Schwung\Core\Job\Fault;
use Schwung\Core\Job\Faults;
use Schwung\Core\Leader\Reading;
use Schwung\Core\Measure\UnitSystem;

/** Reads a leader check document, version 1, and finds all its faults at once. */
final readonly class LeaderReader
{
    private const FEWEST = 3;

    /** @throws FaultyDocument if the document cannot be used */
    public function read(mixed $document): LeaderDocument
    {
        $faults = new Faults();
        $members = (new Node($document, '', $faults))->document('schwung/leader-check', [
            'units',
            'bed_span',
            'readings',
            'result',
        ]);
        $units = $members['units']->word(UnitSystem::class);
        $span = $members['bed_span']->size();
        $readings = $this->readings($members['readings']);
        $all = $faults->all();
        if ([] !== $all || null === $units || null === $span) {
            throw FaultyDocument::with([] === $all ? [new Fault('', 'is not a leader check.')] : $all);
        }

        return new LeaderDocument($units, $span, $readings);
    }

    /** @return list<Reading> from left to right */
    private function readings(Node $node): array
    {
        if (!$node->isRequired('a list of three readings or more')) {
            return [];
        }
        $items = $node->items();
        $readings = [];
        foreach ($items as $item) {
            $members = $item->members(['at', 'distance']);
            [$at, $distance] = [$members['at']->signedLength(), $members['distance']->allowance()];
            if (null === $at || null === $distance) {
                continue;
            }
            if ([] !== array_filter($readings, static fn(Reading $that): bool => 0 === $that->at->compareTo($at))) {
                $members['at']->fault('a station that has no reading yet');
            }
            $readings[] = new Reading($at, $distance);
        }
        if (\count($items) < self::FEWEST) {
            $node->fault('three readings or more');
        }
        usort($readings, static fn(Reading $one, Reading $other): int => $one->at->compareTo($other->at));

        return $readings;
    }
}
