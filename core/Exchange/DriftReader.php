<?php

declare(strict_types=1);

namespace Schwung\Core\Exchange;

use Schwung\Core\Exchange\Exception\FaultyDocument;
use Schwung\Core\Job\Fault;
use Schwung\Core\Job\Faults;
use Schwung\Core\Measure\UnitSystem;
use Schwung\Core\Running\RegisterReading;

/** Reads a drift log document, version 1, and finds all its faults at once. */
final readonly class DriftReader
{
    /** @throws FaultyDocument if the document cannot be used */
    public function read(mixed $document): DriftDocument
    {
        $faults = new Faults();
        $members = (new Node($document, '', $faults))->document('schwung/drift', [
            'units',
            'side_margin',
            'length',
            'readings',
            'result',
        ]);
        $units = $members['units']->word(UnitSystem::class);
        $margin = $members['side_margin']->allowance();
        $length = $members['length']->size();
        $readings = $this->readings($members['readings']);
        $all = $faults->all();
        if ([] !== $all || null === $units || null === $margin || null === $length) {
            throw FaultyDocument::with([] === $all ? [new Fault('', 'is not a drift log.')] : $all);
        }

        return new DriftDocument($units, $margin, $length, $readings);
    }

    /** @return list<RegisterReading> in order of what is wound on */
    private function readings(Node $node): array
    {
        $readings = [];
        foreach ($node->items() as $item) {
            $members = $item->members(['wound', 'left', 'right']);
            [$wound, $left, $right] = [
                $members['wound']->allowance(),
                $members['left']->signedLength(),
                $members['right']->signedLength(),
            ];
            if (null === $wound || null === $left || null === $right) {
                continue;
            }
            if (
                [] !==
                array_filter($readings, static fn(RegisterReading $that): bool => 0 === $that->wound->compareTo($wound))
            ) {
                $members['wound']->fault('a length that has no reading yet');
            }
            $readings[] = new RegisterReading($wound, $left, $right);
        }
        usort(
            $readings,
            static fn(RegisterReading $one, RegisterReading $other): int => $one->wound->compareTo($other->wound),
        );

        return $readings;
    }
}
