<?php

declare(strict_types=1);

namespace Schwung\Core\Exchange;

use Schwung\Core\Exchange\Exception\FaultyDocument;
use Schwung\Core\Job\Fault;
use Schwung\Core\Job\Faults;
use Schwung\Core\Learning\RollReading;
use Schwung\Core\Learning\RollRule;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\LengthWriter;
use Schwung\Core\Measure\UnitSystem;
use Schwung\Core\Practice\Thickness;

/** Reads a roll document, version 1, and finds all its faults at once. */
final readonly class RollReader
{
    private const THICKEST_MM = 100;
    private const MOST_TURNS = 1000;

    /** @throws FaultyDocument if the document cannot be used */
    public function read(mixed $document): RollDocument
    {
        $faults = new Faults();
        $members = (new Node($document, '', $faults))->document('schwung/roll', [
            'units',
            'takeup_diameter',
            'leader_length',
            'planned_mm',
            'readings',
            'result',
        ]);
        $units = $members['units']->word(UnitSystem::class);
        [$diameter, $leader] = [$members['takeup_diameter']->size(), $members['leader_length']->allowance()];
        $planned = $members['planned_mm']->number(self::THICKEST_MM);
        if (0.0 === $planned) {
            $members['planned_mm']->fault('a thickness above zero, in millimetres');
        }
        $rule =
            null === $diameter || null === $leader
                ? null
                : RollRule::bare($diameter, $leader, (new Thickness())->ofLeader());
        $readings = [];
        foreach ($members['readings']->items() as $item) {
            $reading = $this->reading($item);
            $fault = null === $reading ? null : $rule?->fault($reading);
            if (null !== $fault) {
                $faults->add($item->pointer, $fault->writtenBy(new LengthWriter($units ?? UnitSystem::Inches)));
            } elseif (null !== $reading) {
                $readings[] = $reading;
            }
        }
        $all = $faults->all();

        return [] !== $all || null === $rule || null === $planned || null === $units
            ? throw FaultyDocument::with([] === $all ? [new Fault('', 'is no roll that was measured.')] : $all)
            : new RollDocument($rule, Length::millimetres($planned), $readings);
    }

    private function reading(Node $item): ?RollReading
    {
        $members = $item->members(['wound', 'circumference', 'diameter', 'from', 'to', 'turns']);
        if (!$item->isObject()) {
            return null;
        }
        if (!$members['turns']->isMissing()) {
            return $this->advance($members);
        }
        $wound = $members['wound']->allowance();
        [$round, $through] = [$members['circumference']->given()?->size(), $members['diameter']->given()?->size()];
        if ($members['circumference']->isMissing() && $members['diameter']->isMissing()) {
            $item->fault('a circumference or a diameter at a length wound on, or turns from one length to another');
        }

        return match (true) {
            null === $wound => null,
            null !== $round => RollReading::round($wound, $round),
            null !== $through => RollReading::diameter($wound, $through),
            default => null,
        };
    }

    /** @param array<string, Node> $members */
    private function advance(array $members): ?RollReading
    {
        [$from, $to] = [$members['from']->allowance(), $members['to']->size()];
        $turns = $members['turns']->number(self::MOST_TURNS);
        if (0.0 === $turns) {
            $members['turns']->fault('turns above zero');

            return null;
        }
        if (null !== $from && null !== $to && !$to->isLongerThan($from)) {
            $members['to']->fault('a length beyond that in "from"');

            return null;
        }

        return null === $from || null === $to || null === $turns ? null : RollReading::advance($from, $to, $turns);
    }
}
