<?php

declare(strict_types=1);

namespace App\Account\Leaving;

use App\Account\Studio;
use App\AtTheFrame\PhotoRepository;
use App\Designs\StudioDesignRepository;
use App\Quilt\QuiltRepository;
use App\Quilt\Subject;
use Symfony\Component\Filesystem\Filesystem;

/**
 * Everything of a studio as one ZIP: each quilt as a job document, photos and designs as files, and every record as
 * it is kept, a line of JSON each. Written by way of files, so that its size does not matter to the memory.
 */
final readonly class StudioExport
{
    private const JSON =
        \JSON_UNESCAPED_UNICODE |
        \JSON_UNESCAPED_SLASHES |
        \JSON_THROW_ON_ERROR |
        \JSON_INVALID_UTF8_SUBSTITUTE |
        \JSON_PRESERVE_ZERO_FRACTION;
    private const TOLD_EVERY = 100;
    public const FORMAT = 'schwung/studio';
    public const VERSION = 2;

    public function __construct(
        private StudioRows $rows,
        private QuiltRepository $quilts,
        private PhotoRepository $photos,
        private StudioDesignRepository $designs,
    ) {}

    /**
     * @param (\Closure(int): mixed)|null $progress told how much of a hundred is done
     *
     * @return string the path of a file that is the caller's to take away
     */
    public function write(Studio $studio, ?\Closure $progress = null): string
    {
        $progress ??= static function (int $percent): void {};
        $files = new Filesystem();
        $folder = $files->tempnam(sys_get_temp_dir(), 'export');
        $files->remove($folder);
        $path = $folder . '.zip';
        try {
            $this->writeRows($studio, $folder, $files);
            $progress(20);
            $this->writeQuilts($studio, $folder, $files, $progress);
            $progress(80);
            $this->writeFiles($studio, $folder, $files);
            $progress(90);
            $this->pack($folder, $path);
        } finally {
            $files->remove($folder);
        }

        return $path;
    }

    private function writeRows(Studio $studio, string $folder, Filesystem $files): void
    {
        $files->mkdir("$folder/records");
        $counts = [];
        foreach (array_keys(StudioRows::TABLES) as $table) {
            $file = fopen("$folder/records/$table.jsonl", 'w');
            \assert(false !== $file);
            $count = 0;
            foreach ($this->rows->of($studio, $table) as $row) {
                fwrite($file, json_encode($row, self::JSON) . "\n");
                ++$count;
            }
            $counts[$table] = $count;
            fclose($file);
        }
        $files->dumpFile(
            "$folder/manifest.json",
            json_encode(
                [
                    'format' => self::FORMAT,
                    'version' => self::VERSION,
                    'studio' => $studio->name(),
                    'records' => $counts,
                ],
                self::JSON | \JSON_PRETTY_PRINT,
            ),
        );
    }

    /** @param \Closure(int): mixed $progress */
    private function writeQuilts(Studio $studio, string $folder, Filesystem $files, \Closure $progress): void
    {
        [$all, $written] = [max(1, $this->quilts->count(['studio' => $studio])), 0];
        foreach ($this->quilts->each($studio) as $quilt) {
            if (0 === ++$written % self::TOLD_EVERY) {
                $progress((int) (20 + (60 * $written) / $all));
            }
            $files->dumpFile(
                "$folder/quilts/{$quilt->id()}.json",
                json_encode(Subject::of($quilt)->job($studio->units())->toArray(), self::JSON | \JSON_PRETTY_PRINT),
            );
        }
    }

    private function writeFiles(Studio $studio, string $folder, Filesystem $files): void
    {
        foreach ($this->photos->each($studio) as $photo) {
            $files->dumpFile("$folder/photos/{$photo->id()}.jpg", $photo->jpeg());
        }
        foreach ($this->designs->each($studio) as $design) {
            $files->dumpFile("$folder/designs/{$design->id()}.txt", $design->name . "\n" . $design->pathData() . "\n");
        }
    }

    private function pack(string $folder, string $path): void
    {
        $zip = new \ZipArchive();
        $zip->open($path, \ZipArchive::CREATE | \ZipArchive::OVERWRITE);
        $found = new \RecursiveIteratorIterator(
            new \RecursiveDirectoryIterator($folder, \FilesystemIterator::SKIP_DOTS),
        );
        $names = [];
        foreach ($found as $file) {
            \assert($file instanceof \SplFileInfo);
            $names[] = substr($file->getPathname(), \strlen($folder) + 1);
        }
        sort($names);
        foreach ($names as $name) {
            $zip->addFile("$folder/$name", $name);
        }
        if (!$zip->close()) {
            throw new \RuntimeException('The export could not be packed: is the disk full?');
        }
    }
}
