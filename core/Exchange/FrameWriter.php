<?php

declare(strict_types=1);

namespace Schwung\Core\Exchange;

use Schwung\Core\Frame\BetterWay;
use Schwung\Core\Frame\Foot;
use Schwung\Core\Frame\Frame;
use Schwung\Core\Frame\HoldingSystem;
use Schwung\Core\Frame\Machine;
use Schwung\Core\Frame\Stock;
use Schwung\Core\Frame\StockPiece;
use Schwung\Core\Measure\Length;

/** Writes a frame as a job document has it, with the pieces at hand: what FrameReader reads. */
final readonly class FrameWriter
{
    /** @return array<string, mixed> what was not measured is left out */
    public function document(Frame $frame): array
    {
        return array_filter(
            [
                'kind' => $frame->kind->value,
                ...array_map(static fn(Length $length): string => $length->exactText(), $frame->measures),
                'ratchet_teeth' => $frame->ratchetTeeth,
                'methods' => array_map(static fn(HoldingSystem $system): string => $system->value, $frame->methods),
                'stock' => $this->stock($frame->stock),
                'side_clamps' => $frame->sideClamps?->value,
                'steel_bars' => $frame->fittings->hasSteelBars ? true : null,
                'table' => $frame->fittings->hasTable,
                'side_clamp_count' => $frame->fittings->sideClamps,
                'machine' => $this->machine($frame->fittings->machine),
            ],
            static fn(mixed $member): bool => null !== $member && [] !== $member,
        );
    }

    /** @return array<string, mixed> what nobody said is left out */
    private function machine(Machine $machine): array
    {
        return array_filter(
            [
                'kind' => $machine->kind?->value,
                'feet' => array_map(static fn(Foot $foot): string => $foot->value, $machine->feet),
                'always' => $machine->always?->value,
                'better' => BetterWay::Both === $machine->better ? null : $machine->better->value,
            ],
            static fn(mixed $member): bool => null !== $member && [] !== $member,
        );
    }

    /** @return list<array<string, mixed>> */
    private function stock(Stock $stock): array
    {
        $pieces = [];
        foreach ($stock->pieces as $method => $ofOne) {
            $named = Stock::ANY === $method ? [] : ['method' => $method];
            array_push(
                $pieces,
                ...array_map(
                    static fn(StockPiece $piece): array => [
                        'length' => $piece->length->exactText(),
                        'count' => $piece->count,
                        ...$named,
                    ],
                    $ofOne,
                ),
            );
        }

        return $pieces;
    }
}
