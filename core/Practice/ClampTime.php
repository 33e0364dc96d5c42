<?php

declare(strict_types=1);

namespace Schwung\Core\Practice;

/** When the side clamps go on. */
enum ClampTime: string implements School
{
    case BeforeBatting = 'before-batting';
    case AfterSide = 'after-side';
    case Last = 'last';

    public function words(): string
    {
        return match ($this) {
            self::BeforeBatting => 'before the batting is basted',
            self::AfterSide => 'as soon as the sides are basted',
            self::Last => 'last, before the first stitch',
        };
    }

    public function reason(): string
    {
        return match ($this) {
            self::BeforeBatting => 'the line is basted on a backing that lies as it will be quilted',
            self::AfterSide => 'each side is held while the hand is there',
            self::Last => 'nothing pulls at the backing while the layers are laid',
        };
    }
}
