<?php

declare(strict_types=1);

namespace Schwung\Core\Attachment;

use Schwung\Core\Frame\HoldingSystem;
use Schwung\Core\Measure\Figure;
use Schwung\Core\Measure\Phrase;
use Schwung\Core\Practice\HoldTimes;

/** Rule 14, hook and loop: one strip as long as the edge. */
final readonly class StripPlanner
{
    public function __construct(private HoldTimes $times) {}

    public function plan(Edge $edge): Attachment
    {
        return new Attachment(
            HoldingSystem::HookAndLoop,
            [new Piece($edge->position->minus($edge->half()), $edge->position->plus($edge->half()), 1)],
            null,
            $edge->held,
            $this->times->each(HoldingSystem::HookAndLoop),
            notes: [
                Phrase::of(
                    'The strip is at least %s long; press from the centre out.',
                    Figure::needed($edge->length()),
                ),
            ],
        );
    }
}
