<?php

declare(strict_types=1);

use Tests\Mutation\Coverage;
use Tests\Mutation\Mutators;
use Tests\Mutation\Run;

require __DIR__ . '/../vendor/autoload.php';

// php ops/mutate.php COVERAGE EVERY [FOLDER]: puts every EVERY-th fault into the core, or into one folder of it.
[, $covered, $every] = $argv;
$folder = Run::root() . '/core' . (isset($argv[3]) ? '/' . $argv[3] : '');
$files = [];
foreach (
    new RecursiveIteratorIterator(new RecursiveDirectoryIterator($folder, FilesystemIterator::SKIP_DOTS))
    as $file
) {
    if ($file instanceof SplFileInfo && 'php' === $file->getExtension()) {
        $files[] = $file->getPathname();
    }
}
sort($files);
$mutants = array_merge(...array_map(Mutators::of(...), $files));
$chosen = array_values(
    array_filter($mutants, static fn(int $i): bool => 0 === $i % (int) $every, ARRAY_FILTER_USE_KEY),
);
fprintf(STDERR, "%d faults of %d\n", count($chosen), count($mutants));
$trials = dirname($covered) . '/trials';
is_dir($trials) || mkdir($trials);
$run = new Run(Coverage::read($covered), $trials, (int) shell_exec('nproc') ?: 2);
$run->all($chosen);
file_put_contents(dirname($covered) . '/unnoticed.txt', implode("\n", $run->survivors()) . "\n");
printf("%d of %d faults.\n\n%s", count($chosen), count($mutants), $run->table());
