<?php

declare(strict_types=1);

namespace Schwung\Core\Loading;

use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\Phrase;

/** A bobbin that is changed before it is empty, because it would not last another row. */
final readonly class BobbinChange
{
    /**
     * @param int    $pass from 1
     * @param int    $row  of the pass, after which it is changed, from 1
     * @param Length $left thread on the bobbin that comes out
     */
    public function __construct(public int $pass, public int $row, public Length $left) {}

    public function words(): Phrase
    {
        return Phrase::of(
            "Change the bobbin after row {$this->row} of this pass: what is left would not last another row.",
        );
    }
}
