<?php

declare(strict_types=1);

namespace Schwung\Core\Exchange;

use Schwung\Core\Frame\HoldingSystem;
use Schwung\Core\Job\CustomMargins;
use Schwung\Core\Job\DirectionWish;
use Schwung\Core\Job\Load;
use Schwung\Core\Material\TopEdge;
use Schwung\Core\Practice\FloatKind;
use Schwung\Core\Practice\HoldHabit;
use Schwung\Core\Practice\MarginSchool;
use Schwung\Core\Practice\PinSchool;

/** Reads the member "load" of a job. An end, or the top's own edge, without a method is pinned a hand apart. */
final readonly class LoadReader
{
    public function read(Node $node): ?Load
    {
        $members = $node->members([
            'direction',
            'lead_edge',
            'margins',
            'float',
            'lead',
            'tail',
            'top',
            'planned',
            'habits',
        ]);
        $direction = $members['direction']->word(DirectionWish::class);
        $leadEdge = $this->leadEdge($members['lead_edge'], $direction);
        $float = $members['float']->word(FloatKind::class);
        $isCustom = $members['margins']->isObject();
        $custom = $isCustom ? $this->custom($members['margins']) : null;
        $named = $isCustom ? null : $members['margins']->oneOf($this->namedSchools());
        [$lead, $leadHabit] = $this->holding($members['lead']);
        [$tail, $tailHabit] = $this->holding($members['tail']);
        [$top, $topHabit] = $this->holding($members['top']);
        $planned = $members['planned']->given()?->moment();
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
            leadEdge: $leadEdge,
        );
    }

    /** One that can lead the way round that is asked for. */
    private function leadEdge(Node $node, ?DirectionWish $direction): ?TopEdge
    {
        $edge = $node->given()?->word(TopEdge::class);
        $isOfAnotherWay =
            null !== $edge && !\in_array($direction?->value, [null, 'auto', $edge->direction()->value], true);
        if ($isOfAnotherWay) {
            $node->fault(
                DirectionWish::AsIs === $direction
                    ? 'the top or the bottom edge, as it is asked to lie'
                    : 'the left or the right edge, as it is asked to lie turned',
            );
        }

        return $isOfAnotherWay ? null : $edge;
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
        $school = $members['school']->given()?->word(PinSchool::class);
        $stock = (new StockReader())->own($members['stock']);

        return [
            $members['method']->given()?->word(HoldingSystem::class) ?? HoldingSystem::Pins,
            new HoldHabit($school ?? PinSchool::Hand, $stock),
        ];
    }
}
