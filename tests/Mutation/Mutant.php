<?php

declare(strict_types=1);

namespace Tests\Mutation;

/** One small fault put into a file of the core: what stands from start up to end becomes something else. */
final readonly class Mutant
{
    /** @param int<0, max> $start in bytes, as is $end */
    public function __construct(
        public string $file,
        public int $line,
        public int $start,
        public int $end,
        public string $becomes,
        public bool $runs,
    ) {}

    public function source(): string
    {
        $source = (string) file_get_contents($this->file);

        return substr($source, 0, $this->start) . $this->becomes . substr($source, $this->end);
    }

    public function describe(): string
    {
        $was = substr((string) file_get_contents($this->file), $this->start, $this->end - $this->start);

        return \sprintf('%s:%d  %s  ->  %s', $this->file, $this->line, self::short($was), self::short($this->becomes));
    }

    private static function short(string $code): string
    {
        $line = (string) preg_replace('/\s+/', ' ', $code);

        return \strlen($line) > 90 ? substr($line, 0, 87) . '...' : $line;
    }
}
