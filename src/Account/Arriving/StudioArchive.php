<?php

declare(strict_types=1);

namespace App\Account\Arriving;

use App\Account\Leaving\StudioExport;

/** The ZIP of a studio, opened for reading; nothing of it is unpacked but what is asked for, line by line. */
final readonly class StudioArchive
{
    /** Unpacked; more than any studio has, less than a disk. */
    private const MOST_BYTES = 6_000_000_000;
    private const LONGEST_LINE = 64_000_000;
    private const MEMBERS = '~^(manifest\.json|records/[a-z_]+\.jsonl|quilts/[0-9A-Z]{26}\.json|photos/[0-9A-Z]{26}\.jpg|designs/[0-9A-Z]{26}\.txt)$~';

    private function __construct(private \ZipArchive $zip) {}

    /** @throws UnreadableArchive */
    public static function open(string $path): self
    {
        $zip = new \ZipArchive();
        if (true !== $zip->open($path, \ZipArchive::RDONLY)) {
            throw new UnreadableArchive(
                'This is no ZIP that can be opened. Take the one that the export gave, as it is.',
            );
        }
        $bytes = 0;
        for ($index = 0; $index < $zip->numFiles; ++$index) {
            $about = $zip->statIndex($index);
            $name = (string) $zip->getNameIndex($index);
            if (1 !== preg_match(self::MEMBERS, $name)) {
                throw new UnreadableArchive(
                    \sprintf('“%s” does not belong into the export of a studio.', mb_substr(mb_scrub($name), 0, 80)),
                );
            }
            $bytes += $about['size'] ?? 0;
        }
        if ($bytes > self::MOST_BYTES) {
            throw new UnreadableArchive('Unpacked it would be larger than any studio is.');
        }
        $archive = new self($zip);
        $archive->check();

        return $archive;
    }

    /** @return iterable<int, array<string, mixed>> rows of a table by the number of their line; none where there is no such member */
    public function rows(string $table): iterable
    {
        $stream = $this->zip->getStream("records/$table.jsonl");
        for ($line = 1; false !== $stream && false !== ($text = fgets($stream, self::LONGEST_LINE)); ++$line) {
            $row = json_decode($text);
            if (!($row instanceof \stdClass)) {
                throw new UnreadableArchive("Line $line of records/$table.jsonl is no record.");
            }
            /** @var array<string, mixed> $members */
            $members = get_object_vars($row);
            yield $line => $members;
        }
    }

    public function photo(string $id): ?string
    {
        $bytes = $this->zip->getFromName("photos/$id.jpg");

        return false === $bytes ? null : $bytes;
    }

    /** @throws UnreadableArchive */
    private function check(): void
    {
        $manifest = json_decode((string) $this->zip->getFromName('manifest.json'), true);
        $version = \is_array($manifest) ? $manifest['version'] ?? null : null;
        if (!\is_array($manifest) || StudioExport::FORMAT !== ($manifest['format'] ?? null) || !\is_int($version)) {
            throw new UnreadableArchive('This ZIP is no export of a studio: its manifest is missing or another one.');
        }
        if ($version < 1 || $version > StudioExport::VERSION) {
            throw new UnreadableArchive(
                \sprintf(
                    'It was written by a newer version of Schwung (%d); this one reads up to %d.',
                    $version,
                    StudioExport::VERSION,
                ),
            );
        }
    }
}
