<?php

declare(strict_types=1);

namespace App\Clients\Bag;

use Symfony\Component\Validator\Constraints as Assert;

/** The few questions at intake; each may stay open. */
final class IntakeInput
{
    public const CAME = [
        'top' => 'the top',
        'backing' => 'backing',
        'batting' => 'batting',
        'binding' => 'binding',
        'thread' => 'thread',
        'pattern' => 'a pattern or drawing',
    ];
    public const WHOSE = ['' => 'not said', 'client' => "the client's", 'studio' => "the studio's"];
    public const YES_NO = ['' => 'not looked at', 'yes' => 'yes', 'no' => 'no'];

    /** @var list<string> */
    #[Assert\Choice(choices: ['top', 'backing', 'batting', 'binding', 'thread', 'pattern'], multiple: true)]
    public array $came = [];
    #[Assert\Choice(['', 'client', 'studio'])]
    public string $backing = '';
    #[Assert\Choice(['', 'client', 'studio'])]
    public string $batting = '';
    #[Assert\Choice(['', 'yes', 'no'])]
    public string $pressed = '';
    #[Assert\Choice(['', 'yes', 'no'])]
    public string $selvedgeOff = '';
    #[Assert\Length(max: 120, maxMessage: 'Up to {{ limit }} letters.')]
    public string $up = '';
    #[Assert\Length(max: 200, maxMessage: 'Up to {{ limit }} letters.')]
    public string $secondFabric = '';
    #[Assert\Length(max: 1000, maxMessage: 'Up to {{ limit }} letters.')]
    public string $wishes = '';
    #[Assert\Length(max: 300, maxMessage: 'Up to {{ limit }} letters.')]
    public string $alsoCame = '';

    private const TEXTS = ['backing', 'batting', 'pressed', 'selvedgeOff', 'up', 'secondFabric', 'wishes', 'alsoCame'];

    /** @return array<string, string|list<string>> */
    public function toArray(): array
    {
        $facts = ['came' => $this->came];
        foreach (self::TEXTS as $name) {
            $facts[$name] = trim($this->{$name});
        }

        return array_filter($facts, static fn(string|array $fact): bool => '' !== $fact && [] !== $fact);
    }

    /** @param array<mixed> $record as toArray() gave it */
    public static function fromArray(array $record): self
    {
        $input = new self();
        $came = \is_array($record['came'] ?? null) ? $record['came'] : [];
        $input->came = array_values(
            array_filter(array_keys(self::CAME), static fn(string $what): bool => \in_array($what, $came, true)),
        );
        foreach (self::TEXTS as $name) {
            $input->{$name} = \is_string($record[$name] ?? null) ? $record[$name] : '';
        }

        return $input;
    }

    /** @return list<string> what is not in the bag and whose it is to bring, in words */
    public function owed(): array
    {
        $owed = [];
        foreach (['top' => 'client', 'backing' => $this->backing, 'batting' => $this->batting] as $what => $whose) {
            if (!\in_array($what, $this->came, true)) {
                $owed[] = match ($whose) {
                    'studio' => "$what (ours)",
                    'client' => "$what (still to come)",
                    default => "$what (nobody has said whose)",
                };
            }
        }

        return $owed;
    }

    /** @return list<string> in words */
    public function bag(): array
    {
        return [
            ...array_map(static fn(string $what): string => self::CAME[$what], $this->came),
            ...'' === $this->alsoCame ? [] : [$this->alsoCame],
        ];
    }
}
