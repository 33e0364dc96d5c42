<?php

declare(strict_types=1);

namespace Schwung\Core\Material;

use Schwung\Core\Measure\Worded;

/** What is noted of a top or a backing when it comes in, each with what it asks of whoever quilts it. */
enum MarkKind: string implements Worded
{
    case Stain = 'stain';
    case OpenSeam = 'open-seam';
    case BulkySeam = 'bulky-seam';
    case ThickSpot = 'thick-spot';
    case LooseThread = 'loose-thread';
    case Hair = 'hair';
    case Raised = 'raised';
    case MarkerLine = 'marker-line';

    public function words(): string
    {
        return match ($this) {
            self::Stain => 'a stain',
            self::OpenSeam => 'an open seam',
            self::BulkySeam => 'a bulky seam',
            self::ThickSpot => 'a thick spot',
            self::LooseThread => 'a loose thread',
            self::Hair => 'hair or lint',
            self::Raised => 'a piece that stands up or is glued on',
            self::MarkerLine => 'marker lines that heat sets',
        };
    }

    /** What to mind while it lies in the bed; a clause without its full stop. */
    public function caution(): string
    {
        return match ($this) {
            self::Stain => 'no steam and no iron on it',
            self::OpenSeam => 'look that it is closed before the needle comes there',
            self::BulkySeam => 'slowly, and the foot raised over it',
            self::ThickSpot => 'raise the foot and go round it',
            self::LooseThread => 'lift it out before it is stitched down',
            self::Hair => 'roll it off before it is stitched in',
            self::Raised => 'the foot clear of it; glue gums a needle',
            self::MarkerLine => 'no iron and no hot lamp near it',
        };
    }

    /** What is done about it at the table; a clause without its full stop, null where nothing is. */
    public function mending(): ?string
    {
        return match ($this) {
            self::OpenSeam => 'close it by hand or machine',
            self::LooseThread => 'snip it, or draw it to the back',
            self::Hair => 'roll it off',
            self::BulkySeam => 'press it open, or flat with a block',
            self::Stain, self::ThickSpot, self::Raised, self::MarkerLine => null,
        };
    }

    /** Minutes that mending one takes; an estimate of the trade. */
    public function minutes(): float
    {
        return match ($this) {
            self::OpenSeam => 10.0,
            self::BulkySeam => 4.0,
            self::Hair => 3.0,
            self::LooseThread => 2.0,
            self::Stain, self::ThickSpot, self::Raised, self::MarkerLine => 0.0,
        };
    }

    /** Whether a foot that is set for flat cloth meets it. */
    public function standsUp(): bool
    {
        return match ($this) {
            self::BulkySeam, self::ThickSpot, self::Raised => true,
            self::Stain, self::OpenSeam, self::LooseThread, self::Hair, self::MarkerLine => false,
        };
    }
}
