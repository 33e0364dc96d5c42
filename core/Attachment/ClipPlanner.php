<?php

declare(strict_types=1);

namespace Schwung\Core\Attachment;

use Schwung\Core\Frame\HoldingSystem;
use Schwung\Core\Measure\Figure;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\Term;
use Schwung\Core\Measure\Worked;
use Schwung\Core\Practice\HoldHabit;
use Schwung\Core\Practice\Practice;

/** Rule 14, channel clips: the run that ClipChoice finds, laid from outside in and kept on the leader. */
final readonly class ClipPlanner
{
    public function __construct(private Practice $practice) {}

    public function plan(HoldHabit $habit, Edge $edge): Attachment
    {
        $bounds = ClipBounds::of($edge);
        $choice = new ClipChoice();
        $run = $choice->choose($habit->stock, $bounds->wanted, $bounds->least, $bounds->longest);
        if (null === $run) {
            $missing = $this->missing($bounds->least, $choice->longestRun($habit->stock, $bounds->longest), $edge);

            return new Attachment(
                HoldingSystem::ChannelClips,
                [],
                null,
                $edge->held,
                0,
                $missing,
                array_filter([(new MoreClips($habit->stock, $bounds))->wayOut($missing->length())]),
            );
        }
        $pieces = $this->laid($run, $edge);

        return new Attachment(
            HoldingSystem::ChannelClips,
            $pieces,
            null,
            $edge->held,
            \count($pieces) * $this->practice->times->each(HoldingSystem::ChannelClips),
        );
    }

    private function missing(Length $least, Length $longest, Edge $edge): Worked
    {
        return new Worked(
            Figure::missing($least->minus($longest)),
            'The least cover, the edge and what is least beyond it, less the longest run that the clips at hand make.',
            [
                new Term('edge', $edge->held->figure, 'held'),
                new Term(
                    'beyond it',
                    Figure::needed(Length::inches(ClipBounds::LEAST_INCHES)),
                    'at both sides together',
                ),
                new Term('least cover', Figure::needed($least), 'both, and no more than the leader'),
                new Term('longest run', Figure::left($longest), 'stock, within the leader'),
            ],
        );
    }

    /**
     * In pairs from outside in, the longest outside; what has no partner lies in the middle.
     *
     * @param list<Length> $run longest first
     *
     * @return list<Piece>
     */
    private function laid(array $run, Edge $edge): array
    {
        [$outside, $middle] = [[], []];
        for ($i = 0; $i < \count($run); ++$i) {
            if (isset($run[$i + 1]) && 0 === $run[$i]->compareTo($run[$i + 1])) {
                $outside[] = $run[$i++];
            } else {
                $middle[] = $run[$i];
            }
        }
        $row = [...$outside, ...$middle, ...array_reverse($outside)];
        $from = $this->withinLeader($edge, Length::zero()->plus(...$row));
        $orders = (new PlacingOrder())->fromCentre(\count($row), $edge->hand);
        $pieces = [];
        foreach ($row as $i => $length) {
            $pieces[] = new Piece($from, $from->plus($length), $orders[$i]);
            $from = $from->plus($length);
        }

        return $pieces;
    }

    /** Where a run begins: centred on the edge, moved as far as it takes to stay on the leader. */
    private function withinLeader(Edge $edge, Length $run): Length
    {
        $wanted = $edge->position->minus($run->half());
        $half = $edge->leader?->half();

        return null === $half
            ? $wanted
            : Length::longest($half->negated(), Length::shortest($wanted, $half->minus($run)));
    }
}
