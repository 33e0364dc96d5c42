<?php

declare(strict_types=1);

namespace Schwung\Core\Sizing;

use Schwung\Core\Measure\Length;

/**
 * Sizes of one cloth that were worked out already, by the nanometres of the other size; zero where none fits.
 *
 * Whoever tries many ways of holding asks for the same few sizes again and again, and each costs all angles.
 *
 * @internal
 */
final class KnownSizes
{
    /** @var array<int, Length> */
    public array $lengths = [];
    /** @var array<int, Length> */
    public array $widths = [];
}
