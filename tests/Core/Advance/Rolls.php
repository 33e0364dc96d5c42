<?php

declare(strict_types=1);

namespace Tests\Core\Advance;

use Schwung\Core\Advance\Roll;
use Schwung\Core\Material\BackingKind;
use Schwung\Core\Material\Batting;
use Schwung\Core\Material\BattingKind;
use Schwung\Core\Measure\Length;
use Schwung\Core\Practice\Thickness;

/** The roll of the worked examples: roller 2 in, leader 24 in, 36 teeth, arm clearance 9 in; figures in inches. */
final class Rolls
{
    public static function of(
        BattingKind $batting,
        float $throat = 20,
        BackingKind $backing = BackingKind::Cotton,
        ?int $teeth = 36,
    ): Roll {
        return self::thick(
            (new Thickness())
                ->ofSandwich($backing, new Batting(Length::inches(90), Length::inches(90), $batting))
                ->length()
                ->toMillimetres(),
            $throat,
            $teeth,
        );
    }

    /** @param float $thickness of the sandwich in millimetres */
    public static function thick(float $thickness, float $throat = 20, ?int $teeth = 36, float $armClearance = 9): Roll
    {
        $in = Length::inches(...);
        $loft = Length::millimetres(($thickness - 0.85) / 0.6);
        $sandwich = (new Thickness())->ofSandwich(
            BackingKind::Cotton,
            new Batting($in(90), $in(90), BattingKind::Cotton, $loft),
        );

        return new Roll(
            \Tests\Core\Frames::of(inches: ['throat' => $throat, 'arm_clearance' => $armClearance], teeth: $teeth),
            $sandwich,
            Length::millimetres(0.6),
        );
    }
}
