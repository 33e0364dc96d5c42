<?php

declare(strict_types=1);

namespace Schwung\Core\Shelf;

use Schwung\Core\Sizing\BattingPieces;

/**
 * Pieces that cover a need together where none does alone: rule 6, a guillotine layout of the fewest pieces, then of the
 * least cloth; of very many pieces the largest are tried.
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
}
