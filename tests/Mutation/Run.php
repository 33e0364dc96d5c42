<?php

declare(strict_types=1);

namespace Tests\Mutation;

/** Puts the faults into the core one after the other, as many at once as the machine has processors, and counts. */
final class Run
{
    /** @var array<string, array{killed: int, survived: int, unseen: int}> by folder */
    private array $counts = [];

    /** @var list<string> */
    private array $survivors = [];

    /** @var array<int, Mutant> by process */
    private array $running = [];

    public function __construct(
        private readonly Coverage $coverage,
        private readonly string $folder,
        private readonly int $atOnce,
    ) {}

    /** @param iterable<Mutant> $mutants */
    public function all(iterable $mutants): void
    {
        foreach ($mutants as $mutant) {
            $tests = $this->coverage->of($mutant);
            if ([] === $tests) {
                $this->count($mutant, 'unseen');
                continue;
            }
            while (\count($this->running) >= $this->atOnce) {
                $this->wait();
            }
            $this->running[(new Trial($mutant, $tests, $this->folder))->start()] = $mutant;
        }
        while ([] !== $this->running) {
            $this->wait();
        }
    }

    public static function root(): string
    {
        return \dirname(__DIR__, 2);
    }

    /** The table of folders, in Markdown. */
    public function table(): string
    {
        ksort($this->counts);
        $rows = [
            "| folder of the core | faults | noticed | not noticed | never run | noticed, % |\n| --- | ---: | ---: | ---: | ---: | ---: |",
        ];
        $all = ['killed' => 0, 'survived' => 0, 'unseen' => 0];
        foreach ($this->counts as $folder => $count) {
            $rows[] = self::row($folder, $count);
            foreach ($count as $kind => $number) {
                $all[$kind] += $number;
            }
        }

        return implode("\n", [...$rows, self::row('**all**', $all)]) . "\n";
    }

    /** @return list<string> the faults that no test noticed */
    public function survivors(): array
    {
        sort($this->survivors);

        return $this->survivors;
    }

    private function wait(): void
    {
        $status = 0;
        $process = pcntl_wait($status);
        \assert(\is_int($status));
        $mutant = $this->running[$process] ?? throw new \LogicException('Only trials are waited for.');
        unset($this->running[$process]);
        @unlink("$this->folder/$process.php");
        // Stopped for taking too long, or fallen over: that is noticed.
        $this->count($mutant, pcntl_wifexited($status) && 0 === pcntl_wexitstatus($status) ? 'survived' : 'killed');
    }

    /** @param 'killed'|'survived'|'unseen' $kind */
    private function count(Mutant $mutant, string $kind): void
    {
        $folder = strtok(substr($mutant->file, \strlen(self::root() . '/core') + 1), '/') ?: '';
        $this->counts[$folder] ??= ['killed' => 0, 'survived' => 0, 'unseen' => 0];
        ++$this->counts[$folder][$kind];
        if ('killed' !== $kind) {
            $this->survivors[] =
                substr($mutant->describe(), \strlen(self::root()) + 1) . ('unseen' === $kind ? '  (never run)' : '');
        }
        $done = array_sum(array_map(array_sum(...), $this->counts));
        if (0 === $done % 100) {
            fwrite(\STDERR, "$done\n");
        }
    }

    /** @param array{killed: int, survived: int, unseen: int} $count */
    private static function row(string $name, array $count): string
    {
        $faults = array_sum($count);

        return \sprintf(
            '| %s | %d | %d | %d | %d | %.1f |',
            $name,
            $faults,
            $count['killed'],
            $count['survived'],
            $count['unseen'],
            0 === $faults ? 100 : (100 * $count['killed']) / $faults,
        );
    }
}
