<?php

declare(strict_types=1);

namespace App\Frames;

use Schwung\Core\Frame\BetterWay;
use Schwung\Core\Frame\Fittings;
use Schwung\Core\Frame\Foot;
use Schwung\Core\Frame\Machine;
use Schwung\Core\Frame\MachineKind;

/** What a frame has beside its measures, as it is stored. */
final class FittingsRecord
{
    /** @return array<string, mixed> */
    public static function toArray(Fittings $fittings): array
    {
        return [
            'table' => $fittings->hasTable,
            'sideClamps' => $fittings->sideClamps,
            'machine' => $fittings->machine->kind?->value,
            'feet' => array_map(static fn(Foot $foot): string => $foot->value, $fittings->machine->feet),
            'always' => $fittings->machine->always?->value,
            'better' => $fittings->machine->better->value,
        ];
    }

    /**
     * @param array<string, mixed> $record    what it lacks was not said
     * @param bool                 $steelBars which have a column of their own
     */
    public static function fromArray(array $record, bool $steelBars): Fittings
    {
        $text = static fn(mixed $value): string => \is_string($value) ? $value : '';
        $feet = \is_array($record['feet'] ?? null) ? $record['feet'] : [];
        $count = $record['sideClamps'] ?? null;
        $table = $record['table'] ?? null;

        return new Fittings(
            $steelBars,
            \is_bool($table) ? $table : null,
            \is_int($count) ? $count : null,
            new Machine(
                MachineKind::tryFrom($text($record['machine'] ?? null)),
                array_values(
                    array_filter(array_map(static fn(mixed $foot): ?Foot => Foot::tryFrom($text($foot)), $feet)),
                ),
                Foot::tryFrom($text($record['always'] ?? null)),
                BetterWay::tryFrom($text($record['better'] ?? null)) ?? BetterWay::Both,
            ),
        );
    }
}
