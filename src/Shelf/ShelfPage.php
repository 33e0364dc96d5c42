<?php

declare(strict_types=1);

namespace App\Shelf;

use App\Account\Studio;
use App\Bench\Plan\BenchPlanRepository;
use App\Bench\Plan\PlanRead;
use App\Shelf\Batting\ShelfBatting;
use App\Shelf\Batting\ShelfBattingRepository;
use Schwung\Core\Shelf\Need;

/** Gathers what the shelf's page shows, and lays a waiting quilt over it. */
final readonly class ShelfPage
{
    public const A_PAGE = 40;

    public function __construct(private ShelfBattingRepository $battings, private BenchPlanRepository $plans) {}

    /** Null while no queue was worked out. */
    public function plan(Studio $studio): ?PlanRead
    {
        $plan = $this->plans->of($studio)->plan();

        return [] === $plan ? null : new PlanRead($plan, $studio->timeZone());
    }

    /**
     * @return list<ShelfItem> rolls first; with a quilt laid over it: what is meant for it, then what serves it, with
     *                         least left over
     */
    public function items(Studio $studio, Outlook $outlook, string $quilt): array
    {
        $need = $outlook->needs[$quilt] ?? null;
        $meant = array_flip([
            ...$outlook->joined[$quilt] ?? [],
            ...null === ($cut = $outlook->assignment->of($quilt)) ? [] : [$cut->from],
        ]);
        $items = array_map(
            static fn(ShelfBatting $batting): ShelfItem => new ShelfItem(
                $batting,
                $need,
                null === $need ? null : $batting->forRule()->cut($need),
                isset($meant[(string) $batting->id()]),
            ),
            $this->battings->findHere($studio),
        );
        // What is a client's lies apart, after the studio's own.
        usort(
            $items,
            static fn(ShelfItem $one, ShelfItem $other): int => $one->batting->client()?->name() <=>
                $other->batting->client()?->name(),
        );

        return self::inOrder($items, $need);
    }

    /**
     * @param list<ShelfItem> $items
     *
     * @return list<ShelfItem>
     */
    private static function inOrder(array $items, ?Need $need): array
    {
        if (null !== $need) {
            usort(
                $items,
                static fn(ShelfItem $one, ShelfItem $other): int => [
                    $other->isPlanned,
                    $other->serves(),
                    $one->batting->isRoll(),
                    $one->cost(),
                ] <=> [$one->isPlanned, $one->serves(), $other->batting->isRoll(), $other->cost()],
            );
        }

        return $items;
    }
}
