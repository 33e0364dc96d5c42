<?php

declare(strict_types=1);

namespace App\Shelf;

use App\Quilt\Quilt;
use App\Shelf\Batting\ShelfBatting;
use App\Shelf\Batting\ShelfBattingRepository;
use Schwung\Core\Material\BattingKind;
use Schwung\Core\Preparation\Preparation;
use Schwung\Core\Shelf\Need;

/** What lies on the shelf that would serve a quilt that has no batting yet. */
final readonly class Serving
{
    private const MOST = 4;

    public function __construct(private ShelfBattingRepository $battings) {}

    /** @return list<ShelfItem> pieces before rolls, with least left over first */
    public function of(Quilt $quilt, Preparation $preparation): array
    {
        $need = $this->need($quilt, $preparation);
        if (null === $need) {
            return [];
        }
        $items = array_map(
            static fn(ShelfBatting $one): ShelfItem => ShelfItem::under($need, $one),
            $this->battings->findServing($quilt->studio, $need, self::MOST),
        );

        return array_values(array_filter($items, static fn(ShelfItem $item): bool => $item->serves()));
    }

    /** Null where it has its batting, is on its frame, or its backing is not measured. */
    public function need(Quilt $quilt, Preparation $preparation): ?Need
    {
        $wanted = $quilt->isLoaded() ? null : $preparation->battingWanted();
        $kind = BattingKind::tryFrom($quilt->sheet()->text('batting/kind'));

        return null === $wanted || null === $kind
            ? null
            : new Need((string) $quilt->id(), $kind, $wanted[0], $wanted[1], (string) $quilt->whose()?->id());
    }
}
