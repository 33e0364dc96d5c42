<?php

declare(strict_types=1);

namespace Schwung\Core\Measure;

/** What a hand, a finger and a tick are long for somebody, so that a length can be written in them: "3 hands". */
final readonly class OwnUnits
{
    /** @param array<string, Length>|\Closure(): array<string, Length> $sizes by the word of one; found when one is read */
    public function __construct(private array|\Closure $sizes = []) {}

    /** In nanometres; null where it is none of them. */
    public function sizeOf(string $word): ?int
    {
        foreach (\is_array($this->sizes) ? $this->sizes : ($this->sizes)() as $one => $size) {
            if (\in_array($word, [$one, $one . 's'], true)) {
                return $size->nanometres;
            }
        }

        return null;
    }
}
