<?php

declare(strict_types=1);

namespace Schwung\Core\Practice;

/** In which order the layers come. A top that is laid and not rolled has no gap, whatever is chosen. */
enum LayerOrder: string implements School
{
    case RollThenGap = 'roll-then-gap';
    case TopFirst = 'top-first';
    case BattingThenRoll = 'batting-then-roll';
    case BattingThenTop = 'batting-then-top';

    public function words(): string
    {
        return match ($this) {
            self::RollThenGap => 'backing, top rolled, batting through the gap',
            self::TopFirst => 'top rolled, backing, batting through the gap',
            self::BattingThenRoll => 'backing, batting, top rolled',
            self::BattingThenTop => 'backing, batting, top laid',
        };
    }

    public function reason(): string
    {
        return match ($this) {
            self::RollThenGap => 'the backing can be looked at while nothing hangs over it',
            self::TopFirst => 'the top is rolled on while both hands are free for it',
            self::BattingThenRoll => 'the batting lies before the top is wound, and nothing is fed through a gap',
            self::BattingThenTop
                => 'fast; a top that is attached at its tail is rolled on after the batting all the same',
        };
    }

    /** Whether the top is on its roller already when the batting comes. */
    public function leavesAGap(): bool
    {
        return self::RollThenGap === $this || self::TopFirst === $this;
    }
}
