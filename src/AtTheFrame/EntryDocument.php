<?php

declare(strict_types=1);

namespace App\AtTheFrame;

use Schwung\Core\Running\JournalEntry;

/** An entry as devices have it. */
final class EntryDocument
{
    /** @return array{key: string, kind: string, step: string|null, at: int, person: string, data: object} */
    public static function of(JournalEntry $entry): array
    {
        return [
            'key' => $entry->key,
            'kind' => $entry->kind->value,
            'step' => $entry->step,
            'at' => MomentMs::of($entry->at),
            'person' => $entry->person,
            'data' => (object) $entry->data,
        ];
    }
}
