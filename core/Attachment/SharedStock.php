<?php

declare(strict_types=1);

namespace Schwung\Core\Attachment;

use Schwung\Core\Frame\StockPiece;
use Schwung\Core\Measure\Length;
use Schwung\Core\Practice\HoldHabit;

/** What is left of a stock for one end when the other end has taken its pieces. */
final readonly class SharedStock
{
    /**
     * @param list<StockPiece> $stock
     *
     * @return list<StockPiece> kinds of which none is left are kept with a count of zero
     */
    public function after(array $stock, Attachment $taken): array
    {
        $used = $taken->countByLength();
        // Points have no length of their own: they are all of the one kind that there is.
        $points = $used[0] ?? 0;

        return array_map(static fn (StockPiece $kind): StockPiece => new StockPiece($kind->length, max(0, $kind->count - $points - ($used[$kind->length->nanometres] ?? 0))), $stock);
    }

    /**
     * The pieces that the one end would have to lend, longest first, so that the other end reaches.
     *
     * @param list<StockPiece> $all  what there is for both ends
     *
     * @return list<Length> empty where even all of them would not do, or none is needed
     */
    public function toBorrow(array $all, Attachment $lender, Edge $edge): array
    {
        $rest = $this->after($all, $lender);
        $rule = new AttachmentRule();
        $borrowed = [];
        $pieces = array_map(static fn (Piece $piece): Length => $piece->length(), $lender->pieces);
        usort($pieces, static fn (Length $one, Length $other): int => $other->compareTo($one));
        foreach ($pieces as $length) {
            $borrowed[] = $length;
            $rest = array_map(static fn (StockPiece $kind): StockPiece => 0 === $kind->length->compareTo($length) ? new StockPiece($kind->length, $kind->count + 1) : $kind, $rest);
            $attachment = $rule->plan($lender->system, new HoldHabit(stock: $rest), $edge);
            if (null !== $attachment && null === $attachment->missing) {
                return $borrowed;
            }
        }

        return [];
    }
}
