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

    public function other(): self
    {
        return match ($this) {
            self::AsIs => self::Turned,
            self::Turned => self::AsIs,
        };
    }
}
