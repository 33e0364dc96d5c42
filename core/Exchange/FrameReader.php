<?php

declare(strict_types=1);

namespace Schwung\Core\Exchange;

use Schwung\Core\Frame\ClampWidth;
use Schwung\Core\Frame\Frame;
use Schwung\Core\Frame\FrameKind;
use Schwung\Core\Frame\FrameMeasure;
use Schwung\Core\Frame\HoldingSystem;
use Schwung\Core\Measure\Length;

/** Reads the member "frame" of a job. */
final readonly class FrameReader
{
    private const MOST_TEETH = 500;

    public function read(Node $node): ?Frame
    {
        $members = $node->members([
            'kind',
            ...array_map(static fn(FrameMeasure $measure): string => $measure->value, FrameMeasure::cases()),
            'ratchet_teeth',
            'methods',
            'stock',
            'side_clamps',
            ...FittingsReader::KEYS,
        ]);
        $kind = $members['kind']->word(FrameKind::class);
        $measures = [];
        foreach (FrameMeasure::cases() as $measure) {
            $measures[$measure->value] = $this->measure($members[$measure->value], $measure, $kind);
        }
        $teeth = $members['ratchet_teeth']->given()?->count(self::MOST_TEETH);
        $methods = array_map(
            static fn(Node $item): ?HoldingSystem => $item->word(HoldingSystem::class),
            $members['methods']->items(),
        );
        $clamps = $members['side_clamps']->given()?->word(ClampWidth::class);
        $stock = (new StockReader())->shared($members['stock']);
        if (null === $kind || $this->lacksAny($measures)) {
            return null;
        }
        $frame = new Frame(
            $kind,
            $measures,
            $teeth,
            array_values(array_filter($methods)),
            $stock,
            $clamps,
            (new FittingsReader())->read($members),
        );
        if (!$frame->usableAcross()->isPositive()) {
            $members['rail']->fault('a rail longer than what is out of reach at its ends');
        }

        return $frame;
    }

    private function measure(Node $node, FrameMeasure $measure, ?FrameKind $kind): ?Length
    {
        if (!$measure->isNeeded() && $node->isMissing()) {
            return null;
        }

        // Where the kind itself is none, only what is wrong on every kind is told.
        $kinds = null === $kind ? FrameKind::cases() : [$kind];

        return [] !== array_filter($kinds, $measure->mayBeZero(...)) ? $node->allowance() : $node->size();
    }

    /** @param array<string, Length|null> $measures */
    private function lacksAny(array $measures): bool
    {
        return [] !==
            array_filter(
                FrameMeasure::cases(),
                static fn(FrameMeasure $measure): bool => $measure->isNeeded() && null === $measures[$measure->value],
            );
    }
}
