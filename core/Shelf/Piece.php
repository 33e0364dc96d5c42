<?php

declare(strict_types=1);

namespace Schwung\Core\Shelf;

use Schwung\Core\Material\BattingKind;
use Schwung\Core\Measure\Length;

/** A piece of batting that was cut once: it serves one quilt. */
final readonly class Piece
{
    /** @param string $of the client whose it is; empty for the studio's */
    public function __construct(
        public string $id,
        public BattingKind $kind,
        public Length $width,
        public Length $length,
        public string $of = '',
    ) {}

    /** How it serves a need, as it lies where that will do; null where it does not cover it. */
    public function cut(Need $need): ?Cut
    {
        foreach (
            [[$this->width, $this->length, false], [$this->length, $this->width, true]]
            as [$over, $off, $turned]
        ) {
            if (
                $need->mayTake($this->kind, $this->of) &&
                !$need->across->isLongerThan($over) &&
                !$need->along->isLongerThan($off)
            ) {
                return new Cut($need->id, $this->id, $turned, null);
            }
        }

        return null;
    }
}
