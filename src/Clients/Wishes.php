<?php

declare(strict_types=1);

namespace App\Clients;

use Schwung\Core\Measure\Length;
use Symfony\Component\Validator\Constraints as Assert;

/** What a client wants of every quilt; each may be empty. */
final class Wishes
{
    /** What is asked, by the name of its field. */
    public const TEXTS = [
        'thread' => 'Thread',
        'density' => 'How dense',
        'batting' => 'Batting they like',
        'air' => 'Smoke, pets, fragrance',
    ];
    public const TRIMMING = ['' => 'not asked', 'trim' => 'trim it', 'leave' => 'leave it untrimmed'];

    #[Assert\Length(max: 120, maxMessage: 'Up to {{ limit }} letters.')]
    public string $thread = '';
    #[Assert\Length(max: 120, maxMessage: 'Up to {{ limit }} letters.')]
    public string $density = '';
    #[Assert\Length(max: 120, maxMessage: 'Up to {{ limit }} letters.')]
    public string $batting = '';
    #[Assert\Length(max: 200, maxMessage: 'Up to {{ limit }} letters.')]
    public string $air = '';
    #[Assert\Choice(['', 'trim', 'leave'])]
    public string $trimming = '';
    /** How much to leave beyond the edge of the top for the binding. */
    public ?Length $left = null;

    /** @return array<string, string|int> those that say something */
    public function toArray(): array
    {
        return array_filter(
            [
                'thread' => trim($this->thread),
                'density' => trim($this->density),
                'batting' => trim($this->batting),
                'air' => trim($this->air),
                'trimming' => $this->trimming,
                'left_nm' => $this->left?->nanometres,
            ],
            static fn(string|int|null $wish): bool => null !== $wish && '' !== $wish,
        );
    }

    /** @param array<mixed> $record as toArray() gave it */
    public static function fromArray(array $record): self
    {
        $wishes = new self();
        foreach (['thread', 'density', 'batting', 'air', 'trimming'] as $name) {
            $wishes->{$name} = \is_string($record[$name] ?? null) ? $record[$name] : '';
        }
        $wishes->left = \is_int($record['left_nm'] ?? null) ? Length::ofNanometres($record['left_nm']) : null;

        return $wishes;
    }

    public function isEmpty(): bool
    {
        return [] === $this->toArray();
    }
}
