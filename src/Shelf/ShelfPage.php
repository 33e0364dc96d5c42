<?php

declare(strict_types=1);

namespace App\Shelf;

use App\Account\Studio;
use App\Bench\Plan\BenchPlanRepository;
use App\Shelf\Batting\ShelfBatting;
use App\Shelf\Batting\ShelfBattingRepository;
use Schwung\Core\Material\BattingKind;
use Schwung\Core\Shelf\Need;

/** Gathers what the shelf's page shows, and lays a waiting quilt over it; a thousand pieces are never read for it. */
final readonly class ShelfPage
{
    public const A_PAGE = 24;

    public function __construct(private ShelfBattingRepository $battings, private BenchPlanRepository $plans) {}

    public function outlook(Studio $studio): Outlook
    {
        return $this->plans->findOutlook($studio)[0] ?? new Outlook();
    }

    /**
     * A page of what lies here: the studio's own before what is a client's, rolls first. With a quilt laid over it:
     * what is meant for it, then what serves it with least left over, then what else there is of its kind.
     *
     * @return list<ShelfItem> one more than a page where there are more
     */
    public function items(Studio $studio, ?BattingKind $kind, ?Need $need, Outlook $outlook, int $page): array
    {
        $first = null === $need ? [] : $this->serving($studio, $need, $outlook);
        $from = ($page - 1) * self::A_PAGE;
        $rest = array_map(
            static fn(ShelfBatting $one): ShelfItem => ShelfItem::under($need, $one),
            $this->battings->findPage(
                $studio,
                $need->kind ?? $kind,
                array_map(static fn(ShelfItem $item): ShelfBatting => $item->batting, $first),
                max(0, $from - \count($first)),
                1 + self::A_PAGE - max(0, \count($first) - $from),
            ),
        );

        return [...\array_slice($first, $from), ...$rest];
    }

    /** @return list<ShelfBatting> pieces that are meant to cover a quilt together */
    public function together(Studio $studio, Need $need, Outlook $outlook): array
    {
        return $this->battings->findAmong($studio, $outlook->joined[$need->id] ?? []);
    }

    /** @return array<string, string> labels of what is meant for anybody, by id */
    public function labels(Studio $studio, Outlook $outlook): array
    {
        $ids = array_keys($outlook->runsOut);
        foreach ($outlook->assignment->cuts as $cut) {
            $ids[] = $cut->from;
        }

        return $this->battings->findLabels($studio, array_merge($ids, ...array_values($outlook->joined)));
    }

    /** @return list<ShelfItem> at most a page */
    private function serving(Studio $studio, Need $need, Outlook $outlook): array
    {
        $meant = [
            ...$outlook->joined[$need->id] ?? [],
            ...null === ($cut = $outlook->assignment->of($need->id)) ? [] : [$cut->from],
        ];
        $items = [];
        foreach (
            [
                ...$this->battings->findAmong($studio, $meant),
                ...$this->battings->findServing($studio, $need, self::A_PAGE - \count($meant)),
            ]
            as $one
        ) {
            $id = (string) $one->id();
            $items[$id] ??= ShelfItem::under($need, $one, \in_array($id, $meant, true));
        }
        usort(
            $items,
            static fn(ShelfItem $one, ShelfItem $other): int => [
                $other->isPlanned,
                $one->batting->isRoll(),
                $one->cost(),
                $one->batting->number,
            ] <=> [$one->isPlanned, $other->batting->isRoll(), $other->cost(), $other->batting->number],
        );

        return $items;
    }
}
