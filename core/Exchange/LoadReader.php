<?php

declare(strict_types=1);

namespace Schwung\Core\Exchange;

use Schwung\Core\Frame\HoldingSystem;
use Schwung\Core\Job\CustomMargins;
use Schwung\Core\Job\DirectionWish;
use Schwung\Core\Job\Load;
use Schwung\Core\Practice\FloatKind;
use Schwung\Core\Practice\HoldHabit;
use Schwung\Core\Practice\MarginSchool;
use Schwung\Core\Practice\PinSchool;

/** Reads the member "load" of a job. An end, or the top's own edge, without a method is pinned a hand apart. */
final readonly class LoadReader
{
    public function read(Node $node): ?Load
    {
        $members = $node->members(['direction', 'margins', 'float', 'lead', 'tail', 'top', 'planned', 'habits']);
        $direction = $members['direction']->word(DirectionWish::class);
        $float = $members['float']->word(FloatKind::class);
        $isCustom = $members['margins']->isObject();
        $custom = $isCustom ? $this->custom($members['margins']) : null;
        $named = $isCustom ? null : $members['margins']->oneOf($this->namedSchools());
        [$lead, $leadHabit] = $this->holding($members['lead']);
        [$tail, $tailHabit] = $this->holding($members['tail']);
        [$top, $topHabit] = $this->holding($members['top']);
        $planned = $members['planned']->isMissing() ? null : $members['planned']->moment();
        if (null === $direction || null === $float || (null === $named && null === $custom)) {
            return null;
        }

        return new Load(
            direction: $direction,
            school: null === $named ? MarginSchool::Custom : MarginSchool::from($named),
            custom: $custom,
            float: $float,
            lead: $lead,
            tail: $tail,
            top: $top,
            leadHabit: $leadHabit,
            tailHabit: $tailHabit,
            topHabit: $topHabit,
            planned: $planned,
        );
    }

    /** @return list<string> margins of one's own have no word: all four stand in its place */
    private function namedSchools(): array
    {
        $words = array_map(static fn(MarginSchool $school): string => $school->value, MarginSchool::cases());

        return array_values(array_diff($words, [MarginSchool::Custom->value]));
    }

    private function custom(Node $node): ?CustomMargins
    {
        $members = $node->members(['lead', 'tail', 'left', 'right']);
        [$lead, $tail, $left, $right] = [
            $members['lead']->allowance(),
            $members['tail']->allowance(),
            $members['left']->allowance(),
            $members['right']->allowance(),
        ];

        return null === $lead || null === $tail || null === $left || null === $right
            ? null
            : new CustomMargins($lead, $tail, $left, $right);
    }

    /** @return array{HoldingSystem, HoldHabit} */
    private function holding(Node $node): array
    {
        if ($node->isMissing()) {
            return [HoldingSystem::Pins, new HoldHabit()];
        }
        $members = $node->members(['method', 'school', 'stock']);
        $school = $members['school']->isMissing() ? null : $members['school']->word(PinSchool::class);
        $stock = (new StockReader())->own($members['stock']);

        return [
            ($members['method']->isMissing() ? null : $members['method']->word(HoldingSystem::class)) ??
            HoldingSystem::Pins,
            new HoldHabit($school ?? PinSchool::Hand, $stock),
        ];
    }
}
