<?php

declare(strict_types=1);

namespace Schwung\Core\Exchange;

use Schwung\Core\Attachment\HoldingSystem;
use Schwung\Core\Practice\CustomMargins;
use Schwung\Core\Practice\DirectionWish;
use Schwung\Core\Practice\FloatKind;
use Schwung\Core\Practice\Load;
use Schwung\Core\Practice\MarginSchool;

/** Reads the member "load" of a job. An end without a method is pinned. */
final readonly class LoadReader
{
    private const PIN_SCHOOLS = ['end-to-end', 'hand', 'ticks', 'wide', 'closer-on-pull'];
    private const NAMED_SCHOOLS = ['three', 'four', 'five', 'short-frame', 'worked-out'];

    public function read(Node $node): ?Load
    {
        $members = $node->members(['direction', 'margins', 'float', 'lead', 'tail', 'planned']);
        $direction = $members['direction']->word(DirectionWish::class);
        $float = $members['float']->word(FloatKind::class);
        $isCustom = $members['margins']->value instanceof \stdClass;
        $custom = $isCustom ? $this->custom($members['margins']) : null;
        $named = $isCustom ? null : $members['margins']->oneOf(self::NAMED_SCHOOLS);
        $lead = $this->holding($members['lead']);
        $tail = $this->holding($members['tail']);
        $planned = $members['planned']->isMissing() ? null : $members['planned']->moment();
        if (null === $direction || null === $float || (null === $named && null === $custom)) {
            return null;
        }

        return new Load($direction, null === $named ? MarginSchool::Custom : MarginSchool::from($named), $custom, $float, $lead, $tail, $planned);
    }

    private function custom(Node $node): ?CustomMargins
    {
        $members = $node->members(['lead', 'tail', 'left', 'right']);
        [$lead, $tail, $left, $right] = [$members['lead']->allowance(), $members['tail']->allowance(), $members['left']->allowance(), $members['right']->allowance()];

        return null === $lead || null === $tail || null === $left || null === $right ? null : new CustomMargins($lead, $tail, $left, $right);
    }

    private function holding(Node $node): HoldingSystem
    {
        if ($node->isMissing()) {
            return HoldingSystem::Pins;
        }
        $members = $node->members(['method', 'school', 'stock']);
        if (!$members['school']->isMissing()) {
            $members['school']->oneOf(self::PIN_SCHOOLS);
        }
        foreach ($members['stock']->items() as $item) {
            $piece = $item->members(['length', 'count']);
            $piece['length']->size();
            $piece['count']->count(10_000);
        }

        return ($members['method']->isMissing() ? null : $members['method']->word(HoldingSystem::class)) ?? HoldingSystem::Pins;
    }
}
