<?php

declare(strict_types=1);

namespace Schwung\Core\Loading;

use Schwung\Core\Measure\Figure;
use Schwung\Core\Measure\Phrase;

/** Says where the cloth is, in figures, and what is in it that has to come out again. */
final readonly class ClothWords
{
    private const LINES = [
        'reference' => 'the reference line',
        'all-over' => 'the basting all over',
        'datum' => 'datum lines',
    ];

    /** @param bool $hasRollers a frame of poles winds nothing that is told in lengths */
    public function __construct(private bool $hasRollers) {}

    /** Null while there is nothing on the frame. */
    public function of(ClothState $cloth): ?Phrase
    {
        $parts = [
            ...$this->hasRollers ? $this->wound($cloth) : [],
            ...$this->lock($cloth),
            ...$this->toComeOut($cloth),
        ];

        return [] === $parts ? null : Phrase::joined(...$parts);
    }

    /** @return list<Phrase> */
    private function wound(ClothState $cloth): array
    {
        $parts = [];
        if (null !== $cloth->hold) {
            $isBehind = $cloth->hold->isNegative();
            $parts[] = Phrase::of(
                'Lead hold %s ' . ($isBehind ? 'behind' : 'in front of') . ' the leveller bar.',
                Figure::measured($cloth->hold->absolute()),
            );
        }
        if ($cloth->onBacking->isPositive() || $cloth->onTakeUp->isPositive()) {
            $parts[] = Phrase::of(
                'Wound: %s on the backing roller, %s on the take-up.',
                Figure::measured($cloth->onBacking),
                Figure::measured($cloth->onTakeUp),
            );
        }

        return $parts;
    }

    /** @return list<Phrase> */
    private function lock(ClothState $cloth): array
    {
        return null === $cloth->lock
            ? []
            : [Phrase::of('Head locked %s from the lead hold.', Figure::measured($cloth->lock))];
    }

    /** @return list<Phrase> */
    private function toComeOut(ClothState $cloth): array
    {
        $lines = array_filter($cloth->lines, static fn(LineIn $line): bool => !$line->stays);
        $names = array_unique(
            array_map(static fn(LineIn $line): string => self::LINES[$line->kind->value] ?? 'basting', $lines),
        );
        $pins = array_sum(
            array_map(
                static fn(Pieces $pieces): int => Where::Bed === $pieces->where ? $pieces->count : 0,
                $cloth->pieces,
            ),
        );
        $what = [...array_values($names), ...0 === $pins ? [] : [1 === $pins ? '1 pin' : "$pins pins"]];

        return [] === $what ? [] : [Phrase::of('Still to come out: ' . implode(', ', $what) . '.')];
    }
}
