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
use Schwung\Core\Practice\Practice;

/** Rule 14, zips: one for the edge, the cloth pinned to it off the frame. */
final readonly class ZipPlanner
{
    public function __construct(private Practice $practice) {}

    public function plan(HoldHabit $habit, Edge $edge): Attachment
    {
        $pins = (new PinPlanner($this->practice))->plan(new HoldHabit($habit->school), $edge);
        $isShort = [] !== $habit->stock && null === self::fitting($habit->stock, $edge->length());

        return new Attachment(
            HoldingSystem::Zip,
            [new Piece($edge->position->minus($edge->half()), $edge->position->plus($edge->half()), 1)],
            $pins->spacing,
            $edge->held,
            $this->practice->times->each(HoldingSystem::Zip),
            $isShort ? $this->missing($habit->stock, $edge) : null,
            notes: [
                Phrase::of(
                    'The zip is at least %s long, its centre on the centre mark. The cloth is pinned to it off the ' .
                        'frame, while another quilt is stitched.',
                    Figure::needed($edge->length()),
                ),
            ],
            pinned: $pins->pieces,
        );
    }

    /**
     * The shortest zip that is long enough, of those that are left; null where none is.
     *
     * @param list<StockPiece> $stock
     */
    public static function fitting(array $stock, Length $edge): ?StockPiece
    {
        $long = array_filter(
            $stock,
            static fn(StockPiece $zip): bool => $zip->count > 0 && !$zip->length->isShorterThan($edge),
        );
        usort($long, static fn(StockPiece $one, StockPiece $other): int => $one->length->compareTo($other->length));

        return $long[0] ?? null;
    }

    /** @param non-empty-list<StockPiece> $stock */
    private function missing(array $stock, Edge $edge): Worked
    {
        $left = array_map(
            static fn(StockPiece $zip): Length => $zip->length,
            array_filter($stock, static fn(StockPiece $zip): bool => $zip->count > 0),
        );
        $longest = [] === $left ? Length::zero() : Length::longest(...array_values($left));

        return new Worked(
            Figure::missing($edge->length()->minus($longest)),
            [] === $left ? 'No zip is left for this edge.' : 'The longest zip that is left is shorter than the edge.',
            [new Term('edge', $edge->held->figure, 'held'), new Term('longest zip', Figure::left($longest), 'stock')],
        );
    }
}
