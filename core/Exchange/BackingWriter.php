<?php

declare(strict_types=1);

namespace Schwung\Core\Exchange;

use Schwung\Core\Material\Backing;
use Schwung\Core\Material\BackingSeam;

/** Writes how a backing lies as a job document has it: what changes when it is laid the other way. */
final readonly class BackingWriter
{
    /** @return array<string, mixed> members by path */
    public function laid(Backing $backing): array
    {
        return [
            'backing/sides/top' => $backing->top->exactText(),
            'backing/sides/right' => $backing->right->exactText(),
            'backing/sides/bottom' => $backing->bottom->exactText(),
            'backing/sides/left' => $backing->left->exactText(),
            'backing/diagonal' => $backing->diagonal?->exactText() ?? '',
            'backing/stretch' => $backing->stretch->value,
            'backing/seams' => array_map(
                static fn(BackingSeam $seam): array => [
                    'direction' => $seam->direction->value,
                    'at' => $seam->at->exactText(),
                    'pressed' => $seam->pressed->value,
                ],
                $backing->seams,
            ),
        ];
    }
}
