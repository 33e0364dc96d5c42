<?php

declare(strict_types=1);

namespace App\Quilt\Loading;

use App\Account\Person;
use App\Account\Studio;
use App\Frames\StudioFrame;

/**
 * The ways of loading that a quilt begins with, and where each comes from: the studio's, a frame's own before them, a
 * person's own before both.
 */
final readonly class Ways
{
    /** @param list<array{string, array<string, string>}> $levels whose they are, and the answers by path; the nearest last */
    private function __construct(private array $levels) {}

    public static function of(Studio $studio, ?StudioFrame $frame = null, ?Person $person = null): self
    {
        return new self([
            ["The studio's way", $studio->ways()],
            ...null === $frame ? [] : [["The way on {$frame->name()}", $frame->ways()]],
            ...null === $person ? [] : [['Your way', $person->ways()]],
        ]);
    }

    /** @return array<string, string> what was chosen on any level, by path */
    public function all(): array
    {
        return array_merge(...array_column($this->levels, 1));
    }

    public function begun(string $path): string
    {
        return Questions::begun($path, $this->all());
    }

    /** Whose answer a quilt begins with at this question. */
    public function whose(string $path): string
    {
        $whose = $this->levels[0][0];
        foreach ($this->levels as [$name, $answers]) {
            $whose = isset($answers[$path]) ? $name : $whose;
        }

        return $whose;
    }
}
