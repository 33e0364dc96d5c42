<?php

declare(strict_types=1);

namespace Schwung\Core\Shelf;

use Schwung\Core\Material\BackingKind;
use Schwung\Core\Material\BattingKind;

/** What a needle goes through, and the thread that it carries, as far as it is known. */
final readonly class Sandwich
{
    /**
     * @param float|null $loft of the batting, in millimetres
     * @param float|null $tex  of the upper thread
     */
    public function __construct(
        public ?BackingKind $backing,
        public ?BattingKind $batting,
        public ?float $loft,
        public ?float $tex,
    ) {}

    /** @return array<string, string|float|null> */
    public function toArray(): array
    {
        return [
            'backing' => $this->backing?->value,
            'batting' => $this->batting?->value,
            'loft' => $this->loft,
            'tex' => $this->tex,
        ];
    }

    /** @param array<string, mixed> $record as toArray() gave it */
    public static function fromArray(array $record): self
    {
        $number = static fn(mixed $value): ?float => \is_int($value) || \is_float($value) ? (float) $value : null;

        return new self(
            BackingKind::tryFrom(\is_string($record['backing'] ?? null) ? $record['backing'] : ''),
            BattingKind::tryFrom(\is_string($record['batting'] ?? null) ? $record['batting'] : ''),
            $number($record['loft'] ?? null),
            $number($record['tex'] ?? null),
        );
    }
}
