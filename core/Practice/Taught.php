<?php

declare(strict_types=1);

namespace Schwung\Core\Practice;

use Schwung\Core\Material\BackingKind;
use Schwung\Core\Material\BattingKind;

/**
 * What the loads of a frame have taught and the studio has agreed to use: it stands in for the everyday figures.
 */
final readonly class Taught
{
    /**
     * @param array<string, float> $thickness of a sandwich, as a part of what is assumed of it, by "cotton wool"
     * @param array<string, int>   $drift     per thousand of the loaded length, by the words of FloatKind
     */
    public function __construct(public array $thickness = [], public array $drift = []) {}

    /**
     * As toArray() wrote it; what is no figure is left out.
     *
     * @param array<array-key, mixed> $record
     */
    public static function fromArray(array $record): self
    {
        [$thickness, $drift] = array_map(
            static fn(string $name): array => \is_array($record[$name] ?? null) ? $record[$name] : [],
            ['thickness', 'drift'],
        );
        /** @var array<string, float> $thickness JSON objects have words for keys */
        $thickness = array_map(floatval(...), array_filter($thickness, is_numeric(...)));
        /** @var array<string, int> $drift */
        $drift = array_filter($drift, is_int(...));

        return new self($thickness, $drift);
    }

    /** @return array{thickness: array<string, float>, drift: array<string, int>} */
    public function toArray(): array
    {
        return ['thickness' => $this->thickness, 'drift' => $this->drift];
    }

    public static function sandwich(BackingKind $backing, BattingKind $batting): string
    {
        return "$backing->value $batting->value";
    }

    /** As a part of what is assumed; one where nothing was learnt. */
    public function factor(BackingKind $backing, BattingKind $batting): float
    {
        return $this->thickness[self::sandwich($backing, $batting)] ?? 1.0;
    }
}
