<?php

declare(strict_types=1);

namespace Schwung\Core\Loading;

/** A part of the frame's state with the value that a step needs or leaves. */
final readonly class Setting
{
    /** @throws \InvalidArgumentException if the part cannot be so */
    public function __construct(public StatePart $part, public string $value)
    {
        if (!$part->accepts($value)) {
            throw new \InvalidArgumentException(
                \sprintf('"%s" cannot be "%s".', $part->value, mb_substr($value, 0, 40)),
            );
        }
    }
}
