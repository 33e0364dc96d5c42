<?php

declare(strict_types=1);

namespace App\Quilt;

use Schwung\Core\Bringing\Brought;
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
    private function __construct(
        public Standing $standing,
        private Phrase $sentence,
        private array $open,
        private ?Brought $brought,
    ) {}

    public static function of(Preparation $preparation): self
    {
        $plan = $preparation->plan();

        return new self(
            $preparation->overall(),
            $preparation->sentence(),
            $preparation->openPromises(),
            null === $plan ? null : Brought::in($plan),
        );
    }

    /** @return array{across: int, along: int, lost: int, fullness: float}|null lengths in nanometres */
    public function brought(): ?array
    {
        return null === $this->brought
            ? null
            : [
                'across' => $this->brought->lackedAcross->nanometres,
                'along' => $this->brought->lackedAlong->nanometres,
                'lost' => $this->brought->lost->nanometres,
                'fullness' => $this->brought->fullness,
            ];
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
