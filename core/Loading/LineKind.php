<?php

declare(strict_types=1);

namespace Schwung\Core\Loading;

/** What a basting line is for. */
enum LineKind: string
{
    case Reference = 'reference';
    case FarEdge = 'far-edge';
    case Side = 'side';
    case AllOver = 'all-over';
    case Datum = 'datum';
    case Prebaste = 'prebaste';
    case Tail = 'tail';

    /** Whether it holds the batting to the backing before the top is there. */
    public function isOfBatting(): bool
    {
        return self::Reference === $this || self::AllOver === $this;
    }

    public function isOfTop(): bool
    {
        return self::FarEdge === $this || self::Prebaste === $this;
    }
}
