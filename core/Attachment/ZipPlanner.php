<?php

declare(strict_types=1);

namespace Schwung\Core\Attachment;

use Schwung\Core\Frame\HoldingSystem;
use Schwung\Core\Frame\StockPiece;
use Schwung\Core\Measure\Figure;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\Phrase;
use Schwung\Core\Measure\Term;
use Schwung\Core\Measure\Worked;
use Schwung\Core\Practice\HoldHabit;
use Schwung\Core\Practice\HoldTimes;

/** Rule 14, zips: one for the edge, the cloth pinned to it off the frame. */
final readonly class ZipPlanner
{
    public function __construct(private HoldTimes $times)
    {
    }

    public function plan(HoldHabit $habit, Edge $edge): Attachment
    {
        $pins = (new PinPlanner($this->times))->plan(new HoldHabit($habit->school), $edge);
        $longest = array_reduce($habit->stock, static fn (?Length $most, StockPiece $zip): Length => null === $most ? $zip->length : Length::longest($most, $zip->length));
        $isShort = null !== $longest && $longest->isShorterThan($edge->length());

        return new Attachment(
            HoldingSystem::Zip,
            [new Piece($edge->position->minus($edge->half()), $edge->position->plus($edge->half()), 1)],
            $pins->spacing,
            $edge->held,
            $this->times->each(HoldingSystem::Zip),
            $isShort ? new Worked(Figure::missing($edge->length()->minus($longest)), 'The longest zip at hand is shorter than the edge.', [new Term('edge', $edge->held->figure, 'held'), new Term('longest zip', Figure::left($longest), 'stock')]) : null,
            notes: [Phrase::of('The zip is at least %s long, its centre on the centre mark. The cloth is pinned to it off the frame, while another quilt is stitched.', Figure::needed($edge->length()))],
            pinned: $pins->pieces,
        );
    }
}
