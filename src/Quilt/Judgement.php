<?php

declare(strict_types=1);

namespace App\Quilt;

use Schwung\Core\Measure\LengthWriter;
use Schwung\Core\Measure\Phrase;
use Schwung\Core\Measure\UnitSystem;
use Schwung\Core\Plan\Standing;
use Schwung\Core\Preparation\Decision;
use Schwung\Core\Preparation\Preparation;

/** Where a quilt stands and the one sentence that says so, as the shelf keeps them. */
final readonly class Judgement
{
    /** @param list<Decision> $open */
    private function __construct(public Standing $standing, private Phrase $sentence, private array $open) {}

    public static function of(Preparation $preparation): self
    {
        return new self($preparation->overall(), $preparation->sentence(), $preparation->openPromises());
    }

    /** @return list<array{key: string, words: array<string, string>}> what is not done yet */
    public function promises(): array
    {
        return array_map(
            static fn(Decision $promise): array => ['key' => $promise->key, 'words' => $promise->words()],
            $this->open,
        );
    }

    public function in(UnitSystem $units): string
    {
        return mb_substr($this->sentence->writtenBy(new LengthWriter($units)), 0, 300);
    }
}
