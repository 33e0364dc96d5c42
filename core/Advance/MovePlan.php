<?php

declare(strict_types=1);

namespace Schwung\Core\Advance;

use Schwung\Core\Measure\Figure;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\Phrase;

/**
 * Rule 11 on a clamp frame: all sections of a band, then the advance. A band begins at the section where the one
 * before ended, so that the quilt is not carried back across the frame in between.
 */
final readonly class MovePlan
{
    /**
     * @param list<Section> $sections from left to right
     * @param int           $after    how many passes were worked before these
     *
     * @return list<Move> in order; the first section needs none
     */
    public function moves(array $sections, PassPlan $passes, int $after = 0): array
    {
        $moves = [];
        foreach ($passes->passes as $i => $pass) {
            $order = 0 === $i % 2 ? $sections : array_reverse($sections);
            foreach ($order as $k => $section) {
                if (0 !== $k) {
                    $moves[] = $this->sideways($after + $pass->number, $order[$k - 1], $section);
                } elseif (0 !== $i) {
                    $moves[] = $this->forward($passes->passes[$i - 1], $after + $pass->number, $section, $after > 0);
                }
            }
        }

        return $moves;
    }

    private function sideways(int $pass, Section $from, Section $to): Move
    {
        $leftward = $to->number > $from->number;
        $bound = $leftward ? $from : $to;
        $line = StopKind::Seam === $bound->boundKind ? 'the seam' : 'the basted line';

        return new Move(
            $pass,
            $to->number,
            MoveKind::Sideways,
            $to->from->minus($from->from),
            $leftward
                ? 'the side clamps, then the end clamps from the left on.'
                : 'the side clamps, then the end clamps from the right on.',
            Phrase::of("Line up $line at %s from the left edge, square to the rails.", Figure::measured($bound->to)),
        );
    }

    private function forward(Pass $before, int $pass, Section $section, bool $isFromTail): Move
    {
        return new Move(
            $pass,
            $section->number,
            MoveKind::Forward,
            $before->advance ?? Length::zero(),
            'the side clamps, then the front clamps; the back clamps hold until the roll is in hand.',
            Phrase::of(
                'Line up the last stitched line, %s from the ' .
                    ($isFromTail ? 'tail' : 'lead') .
                    ' edge, along the rails.',
                Figure::measured($before->to),
            ),
        );
    }
}
