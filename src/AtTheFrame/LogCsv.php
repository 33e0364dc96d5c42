<?php

declare(strict_types=1);

namespace App\AtTheFrame;

use App\Platform\Csv;

/** A log as a table of commas. */
final readonly class LogCsv
{
    private const HEADER = ['time', 'person', 'kind', 'step', 'text', 'minutes', 'corrected', 'data'];

    /** @param list<LogLine> $lines */
    public function write(array $lines): string
    {
        return Csv::of([
            self::HEADER,
            ...array_map(
                static fn(LogLine $line): array => [
                    $line->entry->at->format('Y-m-d\TH:i:s\Z'),
                    $line->entry->person,
                    $line->entry->kind->value,
                    $line->entry->step ?? '',
                    $line->text,
                    null === $line->minutes ? '' : number_format($line->minutes, 1, '.', ''),
                    $line->isCorrected ? 'yes' : '',
                    [] === $line->entry->data
                        ? ''
                        : json_encode($line->entry->data, \JSON_UNESCAPED_UNICODE | \JSON_THROW_ON_ERROR),
                ],
                $lines,
            ),
        ]);
    }
}
