<?php

declare(strict_types=1);

namespace App\Quilt;

use Schwung\Core\Job\Entries;
use Schwung\Core\Job\Entry;
use Schwung\Core\Measure\LengthWriter;

/**
 * Takes a whole form's entries into a sheet, changing only what the person changed.
 *
 * A field that comes back as it was shown is left alone, whatever the sheet holds by now: two people at one quilt
 * do not overwrite each other, a length shown in other units keeps its exact value, and what was undone meanwhile does
 * not come back with the field that it was typed into.
 */
final readonly class SheetForm
{
    private EntryText $text;

    public function __construct(LengthWriter $writer, \DateTimeZone $zone)
    {
        $this->text = new EntryText($writer, $zone);
    }

    /**
     * @param array<mixed> $entered texts by path
     * @param Sheet        $shown   the sheet as it was when the form was shown
     */
    public function apply(array $entered, Sheet $shown, Sheet $current): Sheet
    {
        foreach ($entered as $path => $text) {
            $entry = Entries::at((string) $path);
            if (null === $entry || !\is_string($text)) {
                continue;
            }
            [$was, $kept] = [$shown->get((string) $path), $this->text->kept($entry->type, $text)];
            if ($kept !== $was && !$this->isWrittenAs($entry, $was, $text)) {
                $current = $current->with((string) $path, $kept);
            }
        }

        return $current;
    }

    public function shown(Sheet $sheet, string $path): string
    {
        $entry = Entries::at($path);

        return null === $entry ? '' : $this->text->shown($entry->type, $sheet->get($path));
    }

    private function isWrittenAs(Entry $entry, mixed $kept, string $text): bool
    {
        return str_replace("\r\n", "\n", trim($text)) === trim($this->text->shown($entry->type, $kept));
    }
}
