<?php

declare(strict_types=1);

namespace Tests\Mutation;

/** Which tests run over which lines, and how long each takes. */
final class Coverage
{
    /** @var array<string, array<int, array<string, true>>> tests by file and line */
    private array $tests = [];

    /** @var array<string, float> seconds by test */
    private array $seconds = [];

    /** @param array<string, array<int, int>> $lines how often each line ran, by file; below one for not at all */
    public function add(string $file, string $name, float $seconds, array $lines): void
    {
        $test = "$file::$name";
        $this->seconds[$test] = ($this->seconds[$test] ?? 0) + $seconds;
        foreach ($lines as $of => $runs) {
            foreach ($runs as $line => $count) {
                $this->tests[$of][$line] ??= [];
                if ($count > 0) {
                    $this->tests[$of][$line][$test] = true;
                }
            }
        }
    }

    public function write(string $file): void
    {
        file_put_contents($file, serialize([$this->tests, $this->seconds]));
    }

    public static function read(string $file): self
    {
        $coverage = new self();
        /** @var array{array<string, array<int, array<string, true>>>, array<string, float>} $kept */
        $kept = unserialize((string) file_get_contents($file), ['allowed_classes' => false]);
        [$coverage->tests, $coverage->seconds] = $kept;

        return $coverage;
    }

    /** @return list<array{string, string, float}> file, name and seconds of each test that can notice the mutant, the quickest first */
    public function of(Mutant $mutant): array
    {
        $lines = $this->tests[$mutant->file] ?? [];
        $tests = array_keys($mutant->runs ? self::at($lines, $mutant->line) : array_replace([], ...$lines));
        usort($tests, fn(string $a, string $b): int => $this->seconds[$a] <=> $this->seconds[$b]);

        return array_map(function (string $test): array {
            [$file, $name] = [...explode('::', $test, 2), ''];

            return [$file, $name, $this->seconds[$test]];
        }, $tests);
    }

    /**
     * The tests of a line; of a line inside a longer expression, which is not counted by itself, those of the last one
     * before it.
     *
     * @param array<int, array<string, true>> $lines
     *
     * @return array<string, true>
     */
    private static function at(array $lines, int $line): array
    {
        $before = array_filter(array_keys($lines), static fn(int $one): bool => $one <= $line);

        return [] === $before ? [] : $lines[max($before)];
    }
}
