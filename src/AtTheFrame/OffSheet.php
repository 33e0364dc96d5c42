<?php

declare(strict_types=1);

namespace App\AtTheFrame;

use Symfony\Component\Validator\Constraints as Assert;

/** What is written down once a quilt is off its frame. */
final class OffSheet
{
    public const FLATNESS = ['flat', 'rippled', 'not-flat'];
    public const CURL = ['none', 'to-back', 'to-front'];

    #[Assert\Choice(self::FLATNESS)]
    public string $flatness = 'flat';
    #[Assert\Choice(self::CURL)]
    public string $curl = 'none';
    public bool $trimmed = false;
    #[Assert\Length(max: 500, maxMessage: 'Up to {{ limit }} letters.')]
    public string $leftovers = '';
    #[Assert\Length(max: 200, maxMessage: 'Up to {{ limit }} letters.')]
    public string $thread = '';
    #[Assert\Range(min: 0, max: 200, notInRangeMessage: 'Between {{ min }} and {{ max }} bobbins.')]
    public ?int $bobbins = null;
    #[Assert\Length(max: 200, maxMessage: 'Up to {{ limit }} letters.')]
    public string $design = '';
    #[Assert\Length(max: 2000, maxMessage: 'Up to {{ limit }} letters.')]
    public string $nextTime = '';

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'flatness' => $this->flatness,
            'curl' => $this->curl,
            'trimmed' => $this->trimmed,
            'leftovers' => $this->leftovers,
            'thread' => $this->thread,
            'bobbins' => $this->bobbins,
            'design' => $this->design,
            'nextTime' => $this->nextTime,
        ];
    }

    /** @param array<string, mixed> $record as toArray() gave it */
    public static function fromArray(array $record): self
    {
        $sheet = new self();
        $text = static fn(string $name, string $usual): string => \is_string($record[$name] ?? null)
            ? $record[$name]
            : $usual;
        foreach (['flatness', 'curl', 'leftovers', 'thread', 'design', 'nextTime'] as $name) {
            $sheet->{$name} = $text($name, $sheet->{$name});
        }
        $sheet->trimmed = true === ($record['trimmed'] ?? false);
        $sheet->bobbins = \is_int($record['bobbins'] ?? null) ? $record['bobbins'] : null;

        return $sheet;
    }
}
