<?php

declare(strict_types=1);

namespace App\Shelf;

use App\Quilt\Quilt;
use App\Shelf\Batting\BattingShelf;
use App\Shelf\Batting\CutAsked;
use App\Shelf\Batting\CutRefused;
use App\Shelf\Batting\ShelfBatting;
use Schwung\Core\Shelf\Joined;
use Schwung\Core\Shelf\JoinRule;
use Schwung\Core\Shelf\Need;
use Schwung\Core\Shelf\Piece;

/** Covers a quilt with several pieces: butted, never one over the other. */
final readonly class Joining
{
    public function __construct(private BattingShelf $shelf) {}

    /**
     * How pieces are butted; null where they do not cover, however they lie.
     *
     * @param list<ShelfBatting> $pieces
     */
    public function offer(?Need $need, array $pieces): ?Joined
    {
        return null === $need
            ? null
            : (new JoinRule())->offer(
                $need,
                array_map(static fn(ShelfBatting $one): Piece => $one->asPiece(), $pieces),
            );
    }

    /**
     * @param list<ShelfBatting> $pieces
     * @param array<string, int> $versions by id, as whoever asks has seen them
     *
     * @throws CutRefused where they do not cover it any more, or one of them is not what was seen
     */
    public function cut(?Need $need, array $pieces, array $versions, Quilt $quilt, string $person, string $key): void
    {
        $byId = [];
        foreach ($pieces as $piece) {
            $byId[(string) $piece->id()] = $piece;
        }
        $joined = $this->offer($need, $pieces);
        if (null === $joined || \count($joined->pieces) !== \count($pieces)) {
            throw CutRefused::notTogether();
        }
        $parts = [];
        foreach ($joined->layout->pieces as $laid) {
            $id = $joined->pieces[$laid->number]->id;
            [$over, $off] = $laid->turned ? [$laid->along, $laid->across] : [$laid->across, $laid->along];
            $parts[] = [
                $byId[$id],
                new CutAsked(
                    version: $versions[$id] ?? 0,
                    over: $over,
                    off: $off,
                    quilt: $quilt,
                    person: $person,
                    key: $key,
                ),
            ];
        }
        if ([] !== $parts) {
            $this->shelf->join($parts, $quilt);
        }
    }
}
