<?php

declare(strict_types=1);

namespace App\Quilt;

/** Where a quilt stands, for the shelf and the stages; each has a word and a shape beside its colour. */
enum Standing: string
{
    case Open = 'open';
    case Fine = 'fine';
    case Decide = 'decide';
    case Stuck = 'stuck';

    public function word(): string
    {
        return match ($this) {
            self::Open => 'open',
            self::Fine => 'fine',
            self::Decide => 'needs a decision',
            self::Stuck => 'stuck',
        };
    }

    public function icon(): string
    {
        return match ($this) {
            self::Open => 'circle',
            self::Fine => 'circle-check',
            self::Decide => 'triangle-alert',
            self::Stuck => 'octagon-x',
        };
    }
}
