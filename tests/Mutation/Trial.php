<?php

declare(strict_types=1);

namespace Tests\Mutation;

use PHPUnit\TextUI\Application;

/** Runs the tests that can notice a mutant in a process of its own, which knows the core with the fault in it. */
final readonly class Trial
{
    /** A trial that takes so much longer than the tests took without the fault will not come to an end. */
    private const SECONDS = 10;
    private const TIMES = 6;
    private const MANY = 600;

    /** @param list<array{string, string, float}> $tests file, name and seconds, the quickest first */
    public function __construct(private Mutant $mutant, private array $tests, private string $folder) {}

    /** Starts it; the number of its process. */
    public function start(): int
    {
        $process = pcntl_fork();
        if (0 !== $process) {
            return $process;
        }
        putenv('ERIS_SEED=20261123');
        ini_set('display_errors', '0');
        pcntl_alarm(self::SECONDS + (int) (self::TIMES * array_sum(array_column($this->tests, 2))));
        $this->putIn();
        ob_start(static fn(): string => '');
        exit((new Application())->run($this->arguments()));
    }

    /** The autoloader finds the faulty file in the place of the good one. */
    private function putIn(): void
    {
        $faulty = $this->folder . '/' . getmypid() . '.php';
        file_put_contents($faulty, $this->mutant->source());
        $class =
            'Schwung\\Core\\' .
            str_replace('/', '\\', substr($this->mutant->file, \strlen(Run::root() . '/core') + 1, -4));
        spl_autoload_register(
            static function (string $name) use ($class, $faulty): void {
                if ($name === $class) {
                    require $faulty;
                    @unlink($faulty);
                }
            },
            true,
            true,
        );
    }

    /** @return list<string> */
    private function arguments(): array
    {
        $names = array_map(static fn(array $test): string => preg_quote($test[1], '/'), $this->tests);
        $filter = \count($names) > self::MANY ? [] : ['--filter', '/::(' . implode('|', array_unique($names)) . ')$/'];

        return [
            'phpunit',
            '--no-configuration',
            '--bootstrap',
            Run::root() . '/tests/bootstrap.php',
            '--do-not-cache-result',
            '--no-output',
            '--stop-on-defect',
            '--fail-on-warning',
            ...$filter,
            ...array_values(array_unique(array_column($this->tests, 0))),
        ];
    }
}
