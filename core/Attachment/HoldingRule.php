<?php

declare(strict_types=1);

namespace Schwung\Core\Attachment;

use Schwung\Core\Frame\HoldingSystem;
use Schwung\Core\Frame\Stock;
use Schwung\Core\Frame\StockPiece;
use Schwung\Core\Job\Load;
use Schwung\Core\Material\End;
use Schwung\Core\Practice\HoldHabit;

/**
 * Rule 14 for a whole load: lead, tail and the top's own edge held out of one stock.
 *
 * An edge with a stock of its own has that alone. The others share what the frame has, system by system: clips so that
 * all are held if any way of sharing holds all, zips longest edge first, counted pieces in the order of the work.
 */
final readonly class HoldingRule
{
    public function __construct(private AttachmentRule $rule = new AttachmentRule()) {}

    public function hold(Load $load, Stock $shared, LoadedEdges $edges): HeldEnds
    {
        $asked = $this->asked($load, $edges);
        $held = [];
        foreach ($asked as $name => [$system, $habit, $edge]) {
            if ([] !== $habit->stock || [] === $shared->of($system)) {
                $held[$name] = $this->rule->plan($system, $habit, $edge);
                unset($asked[$name]);
            }
        }
        foreach (array_unique(array_map(static fn(array $one): string => $one[0]->value, $asked)) as $word) {
            $system = HoldingSystem::from($word);
            $sharing = array_filter($asked, static fn(array $one): bool => $one[0] === $system);
            [$planned, $left] = $this->share($system, $sharing, $shared->of($system));
            $held += $planned;
            $shared = $shared->leaving($system, $left);
        }

        return new HeldEnds(
            $held['lead'] ?? null,
            $held['tail'] ?? null,
            $held['top'] ?? null,
            $edges->holdsTop(End::Tail),
        );
    }

    /** @return array<string, array{HoldingSystem, HoldHabit, Edge}> in the order of the work */
    private function asked(Load $load, LoadedEdges $edges): array
    {
        $asked = [];
        foreach (End::cases() as $end) {
            $asked[$end->value] = [$load->holdingAt($end), $load->habitAt($end), $edges->backing($end)];
        }

        return $edges->holdsTop(End::Tail)
            ? [...$asked, 'top' => [$load->top, $load->topHabit, $edges->top(End::Tail)]]
            : $asked;
    }

    /**
     * @param array<string, array{HoldingSystem, HoldHabit, Edge}> $sharing
     * @param list<StockPiece>                                     $stock
     *
     * @return array{array<string, Attachment|null>, list<StockPiece>} by edge, and what is left
     */
    private function share(HoldingSystem $system, array $sharing, array $stock): array
    {
        $runs =
            HoldingSystem::ChannelClips === $system
                ? (new ClipSharing())->runs($stock, array_map(static fn(array $one): Edge => $one[2], $sharing))
                : [];
        $planned = [];
        foreach ($this->inOrder($system, $sharing) as $name => [, $habit, $edge]) {
            $own = $runs[$name] ?? $stock;
            $attachment = $this->rule->plan($system, new HoldHabit($habit->school, $own), $edge);
            $planned[$name] = $attachment;
            $stock = null === $attachment ? $stock : (new SharedStock())->after($stock, $attachment);
        }

        return [$planned, $stock];
    }

    /**
     * @param array<string, array{HoldingSystem, HoldHabit, Edge}> $sharing
     *
     * @return array<string, array{HoldingSystem, HoldHabit, Edge}>
     */
    private function inOrder(HoldingSystem $system, array $sharing): array
    {
        if (HoldingSystem::Zip === $system) {
            uasort(
                $sharing,
                static fn(array $one, array $other): int => $other[2]->length()->compareTo($one[2]->length()),
            );
        }

        return $sharing;
    }
}
