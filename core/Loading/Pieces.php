<?php

declare(strict_types=1);

namespace Schwung\Core\Loading;

/** So many pieces of one kind on the frame. */
final readonly class Pieces
{
    /** @param string $kind as a quilter says it: pins, zip, bar */
    public function __construct(public string $kind, public int $count, public Where $where = Where::Rail) {}

    public function at(Where $where): self
    {
        return new self($this->kind, $this->count, $where);
    }
}
