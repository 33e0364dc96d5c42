<?php

declare(strict_types=1);

namespace App\AtTheFrame;

/** A log as a table of commas: one header row, UTF-8, a line a record (RFC 4180). */
final readonly class LogCsv
{
    private const HEADER = ['time', 'person', 'kind', 'step', 'text', 'minutes', 'corrected', 'data'];

    /** @param list<LogLine> $lines */
    public function write(array $lines): string
    {
        $file = fopen('php://temp', 'w+');
        \assert(false !== $file);
        $this->put($file, self::HEADER);
        foreach ($lines as $line) {
            $entry = $line->entry;
            $this->put(
                $file,
                array_map($this->tame(...), [
                    $entry->at->format('Y-m-d\TH:i:s\Z'),
                    $entry->person,
                    $entry->kind->value,
                    $entry->step ?? '',
                    $line->text,
                    null === $line->minutes ? '' : number_format($line->minutes, 1, '.', ''),
                    $line->isCorrected ? 'yes' : '',
                    [] === $entry->data
                        ? ''
                        : json_encode($entry->data, \JSON_UNESCAPED_UNICODE | \JSON_THROW_ON_ERROR),
                ]),
            );
        }
        rewind($file);

        return (string) stream_get_contents($file);
    }

    /**
     * @param resource     $file
     * @param list<string> $row
     */
    private function put($file, array $row): void
    {
        fputcsv($file, $row, escape: '', eol: "\r\n");
    }

    /** What a table calculator would take for a formula is told from one by a stroke. */
    private function tame(string $text): string
    {
        return 1 === preg_match('/^[-=+@\t\r]/', $text) && 1 !== preg_match('/^[-+]?\d+$/D', $text)
            ? "'" . $text
            : $text;
    }
}
