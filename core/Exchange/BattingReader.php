<?php

declare(strict_types=1);

namespace Schwung\Core\Exchange;

use Schwung\Core\Material\Batting;
use Schwung\Core\Material\BattingKind;

/** Reads the member "batting" of a job. */
final readonly class BattingReader
{
    public function read(Node $node): ?Batting
    {
        $members = $node->members(['width', 'length', 'kind', 'loft', 'opened', 'quilting_distance']);
        $width = $members['width']->size();
        $length = $members['length']->size();
        $kind = $members['kind']->word(BattingKind::class);
        $loft = $members['loft']->given()?->size();
        $opened = $members['opened']->given()?->moment();

        $distance = $members['quilting_distance']->given()?->size();

        return null === $width || null === $length || null === $kind
            ? null
            : new Batting($width, $length, $kind, $loft, $opened, $distance);
    }
}
