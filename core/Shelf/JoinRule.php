<?php

declare(strict_types=1);

namespace Schwung\Core\Shelf;

use Schwung\Core\Sizing\BattingPieces;

/**
 * Pieces that cover a need together where none does alone: rule 6, a guillotine layout of the fewest pieces, then of
 * the least cloth; of very many pieces the largest are tried.
 */
final readonly class JoinRule
{
    /** @param list<Piece> $free that no other need takes; null where they do not cover, however they lie */
    public function offer(Need $need, array $free): ?Joined
    {
        $pieces = array_values(
            array_filter($free, static fn(Piece $piece): bool => $need->mayTake($piece->kind, $piece->of)),
        );
        $layout = (new BattingPieces())->layout(
            array_map(static fn(Piece $piece): array => [$piece->width, $piece->length], $pieces),
            $need->across,
            $need->along,
        );

        return null === $layout ? null : new Joined($layout, $pieces);
    }

    /**
     * For those that an assignment leaves without anything, out of what it leaves free: one after the other, so that no
     * piece is offered twice.
     *
     * @param list<Need>  $needs
     * @param list<Piece> $pieces all of them
     * @param int         $most   needs that are tried; each costs some milliseconds
     *
     * @return array<string, Joined> by need
     */
    public function offerRest(Assignment $assignment, array $needs, array $pieces, int $most): array
    {
        $taken = array_map(static fn(Cut $cut): string => $cut->from, $assignment->cuts);
        $unserved = array_filter($needs, static fn(Need $need): bool => null === $assignment->of($need->id));
        $joined = [];
        foreach (\array_slice($unserved, 0, $most) as $need) {
            $offer = $this->offer($need, self::without($pieces, $taken));
            if (null !== $offer) {
                $joined[$need->id] = $offer;
                array_push($taken, ...$offer->ids());
            }
        }

        return $joined;
    }

    /**
     * @param list<Piece>  $pieces
     * @param list<string> $taken  ids
     *
     * @return list<Piece>
     */
    private static function without(array $pieces, array $taken): array
    {
        $isTaken = array_flip($taken);

        return array_values(array_filter($pieces, static fn(Piece $piece): bool => !isset($isTaken[$piece->id])));
    }
}
