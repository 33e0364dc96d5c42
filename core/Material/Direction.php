<?php

declare(strict_types=1);

namespace Schwung\Core\Material;

/** As is: the top's width along the rails. Turned: a quarter turn clockwise, so that its left edge leads. */
enum Direction: string
{
    case AsIs = 'as-is';
    case Turned = 'turned';

    public function isTurned(): bool
    {
        return self::Turned === $this;
    }

    /** How the quilt lies: "as it is". */
    public function words(): string
    {
        return match ($this) {
            self::AsIs => 'as it is',
            self::Turned => 'turned',
        };
    }

    public function other(): self
    {
        return match ($this) {
            self::AsIs => self::Turned,
            self::Turned => self::AsIs,
        };
    }
}
