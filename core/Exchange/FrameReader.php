<?php

declare(strict_types=1);

namespace Schwung\Core\Exchange;

use Schwung\Core\Frame\Frame;
use Schwung\Core\Frame\FrameKind;
use Schwung\Core\Frame\HoldingSystem;
use Schwung\Core\Measure\Length;

/** Reads the member "frame" of a job. */
final readonly class FrameReader
{
    private const KEYS = [
        'kind', 'rail', 'unreachable_left', 'unreachable_right', 'throat', 'front_allowance', 'back_allowance', 'arm_clearance',
        'takeup_diameter', 'leader_length', 'leader_width', 'ratchet_teeth', 'bed_span', 'methods',
    ];

    public function read(Node $node): ?Frame
    {
        $members = $node->members(self::KEYS);
        $kind = $members['kind']->word(FrameKind::class);
        $rail = $members['rail']->size();
        $throat = $members['throat']->size();
        $armClearance = $members['arm_clearance']->size();
        $takeupDiameter = $members['takeup_diameter']->size();
        $size = static fn (string $key): ?Length => $members[$key]->isMissing() ? null : $members[$key]->size();
        $allowance = static fn (string $key): ?Length => $members[$key]->isMissing() ? null : $members[$key]->allowance();
        [$leaderLength, $leaderWidth, $bedSpan] = [$size('leader_length'), $size('leader_width'), $size('bed_span')];
        [$left, $right] = [$allowance('unreachable_left'), $allowance('unreachable_right')];
        [$front, $back] = [$allowance('front_allowance'), $allowance('back_allowance')];
        $teeth = $members['ratchet_teeth']->isMissing() ? null : $members['ratchet_teeth']->count(500);
        $methods = array_values(array_filter(array_map(static fn (Node $item): ?HoldingSystem => $item->word(HoldingSystem::class), $members['methods']->items())));
        if (null === $kind || null === $rail || null === $throat || null === $armClearance || null === $takeupDiameter) {
            return null;
        }
        $frame = new Frame(
            $kind, $rail, $left ?? $kind->usualUnreachable(), $right ?? $kind->usualUnreachable(), $throat,
            $front ?? Length::inches(3), $back ?? Length::inches(3), $armClearance, $takeupDiameter,
            $leaderLength, $leaderWidth, $teeth, $bedSpan, $methods,
        );
        if (!$frame->usableAcross()->isPositive()) {
            $members['rail']->fault('a rail longer than what is out of reach at its ends');
        }

        return $frame;
    }
}
