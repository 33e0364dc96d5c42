<?php

declare(strict_types=1);

namespace Tests\Core;

use Schwung\Core\Frame\Frame;
use Schwung\Core\Frame\FrameKind;
use Schwung\Core\Frame\HoldingSystem;
use Schwung\Core\Frame\Stock;
use Schwung\Core\Frame\StockPiece;
use Schwung\Core\Measure\Length;

/** Frames in inches, with some of their measures changed. */
final class Frames
{
    private const ROLLER = [
        'rail' => 126,
        'unreachable_left' => 0,
        'unreachable_right' => 0,
        'throat' => 20,
        'front_allowance' => 3,
        'back_allowance' => 3,
        'arm_clearance' => 9,
        'takeup_diameter' => 2,
        'leader_length' => 24,
        'leader_width' => 118,
    ];

    /**
     * @param array<string, float|int|null> $inches  by the words of FrameMeasure; null takes one away
     * @param list<HoldingSystem>           $methods
     */
    public static function of(
        FrameKind $kind = FrameKind::Roller,
        array $inches = [],
        ?int $teeth = 36,
        array $methods = [],
        Stock $stock = new Stock(),
    ): Frame {
        $measures = array_filter(
            [...self::ROLLER, ...$inches],
            static fn(float|int|null $inch): bool => null !== $inch,
        );

        return new Frame(
            $kind,
            array_map(static fn(float|int $inch): Length => Length::inches($inch), $measures),
            $teeth,
            $methods,
            $stock,
        );
    }

    /** Without leaders, teeth or anything that may be left out. */
    public static function bare(): Frame
    {
        return self::of(inches: ['leader_length' => null, 'leader_width' => null], teeth: null);
    }

    /** @param array<int, int> $counts of pieces by their length in inches */
    public static function stock(HoldingSystem $system, array $counts): Stock
    {
        $pieces = array_map(
            static fn(int $inches, int $count): StockPiece => new StockPiece(Length::inches($inches), $count),
            array_keys($counts),
            $counts,
        );

        return new Stock([$system->value => $pieces]);
    }
}
