<?php

declare(strict_types=1);

namespace Schwung\Core\Exchange;

use Schwung\Core\Exchange\Exception\FaultyDocument;
use Schwung\Core\Job\Fault;
use Schwung\Core\Job\Faults;
use Schwung\Core\Measure\UnitSystem;
use Schwung\Core\Running\LineReading;

/** Reads a line document, version 1, and finds all its faults at once. */
final readonly class LineReader
{
    /** @throws FaultyDocument if the document cannot be used */
    public function read(mixed $document): LineDocument
    {
        $faults = new Faults();
        $members = (new Node($document, '', $faults))->document('schwung/line', [
            'units',
            'width',
            'readings',
            'result',
        ]);
        [$units, $width] = [$members['units']->word(UnitSystem::class), $members['width']->size()];
        $readings = $this->readings($members['readings']);
        $all = $faults->all();

        return [] !== $all || null === $units || null === $width
            ? throw FaultyDocument::with([] === $all ? [new Fault('', 'is no line that was read.')] : $all)
            : new LineDocument($units, $width, $readings);
    }

    /** @return list<LineReading> */
    private function readings(Node $node): array
    {
        [$readings, $items] = [[], $node->items()];
        foreach ($items as $item) {
            $members = $item->members(['at', 'off']);
            [$at, $off] = [$members['at']->signedLength(), $members['off']->signedLength()];
            if (null === $at || null === $off) {
                continue;
            }
            if ([] !== array_filter($readings, static fn(LineReading $that): bool => 0 === $that->at->compareTo($at))) {
                $members['at']->fault('a place that has no reading yet');
            }
            $readings[] = new LineReading($at, $off);
        }
        if (\count($items) < 2) {
            $node->fault('readings at two places or more');
        }

        return $readings;
    }
}
