<?php

declare(strict_types=1);

namespace App\Quilt;

use Schwung\Core\Measure\LengthWriter;

/**
 * Takes a whole form's entries into a sheet, changing only what the person changed.
 *
 * A field that comes back as it was shown is left alone, whatever the sheet holds by now: two people at one quilt
 * do not overwrite each other, and a length shown in other units keeps its exact value.
 */
final readonly class SheetForm
{
    public function __construct(private LengthWriter $writer, private \DateTimeZone $zone)
    {
    }

    /**
     * @param array<mixed> $entered texts by path
     * @param Sheet        $shown   the sheet as it was when the form was shown
     */
    public function apply(array $entered, Sheet $shown, Sheet $current): Sheet
    {
        foreach ($entered as $path => $text) {
            $field = SheetField::at((string) $path);
            if (null === $field || !\is_string($text) || $this->isAsShown($field, $shown->get((string) $path), $text)) {
                continue;
            }
            $current = $current->with((string) $path, $field->kept($text, $this->writer, $this->zone));
        }

        return $current;
    }

    public function shown(Sheet $sheet, string $path): string
    {
        return SheetField::at($path)?->shown($sheet->get($path), $this->writer, $this->zone) ?? '';
    }

    private function isAsShown(SheetField $field, mixed $kept, string $text): bool
    {
        return str_replace("\r\n", "\n", trim($text)) === trim($field->shown($kept, $this->writer, $this->zone));
    }
}
