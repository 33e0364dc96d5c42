<?php

declare(strict_types=1);

namespace Schwung\Core\Exchange;

use Schwung\Core\Frame\BetterWay;
use Schwung\Core\Frame\Fittings;
use Schwung\Core\Frame\Foot;
use Schwung\Core\Frame\Machine;
use Schwung\Core\Frame\MachineKind;

/**
 * Reads what a job's frame has beside its measures: bars, table, side clamps, the machine. All of it may be left out.
 */
final readonly class FittingsReader
{
    public const KEYS = ['steel_bars', 'table', 'side_clamp_count', 'machine'];

    private const MOST_CLAMPS = 100;

    /** @param array<string, Node> $members of the frame, those of KEYS among them */
    public function read(array $members): Fittings
    {
        $flag = static fn(Node $node): ?bool => $node->given()?->flag();
        $clamps = $members['side_clamp_count'];

        return new Fittings(
            true === $flag($members['steel_bars']),
            $flag($members['table']),
            $clamps->given()?->count(self::MOST_CLAMPS),
            $this->machine($members['machine']),
        );
    }

    private function machine(Node $node): Machine
    {
        if ($node->isMissing()) {
            return new Machine();
        }
        $members = $node->members(['kind', 'feet', 'always', 'better']);
        $feet = array_map(static fn(Node $item): ?Foot => $item->word(Foot::class), $members['feet']->items());
        $always = $members['always']->given()?->word(Foot::class);
        $better = $members['better']->given()?->word(BetterWay::class);

        return new Machine(
            $members['kind']->given()?->word(MachineKind::class),
            array_values(array_filter($feet)),
            $always,
            $better ?? BetterWay::Both,
        );
    }
}
