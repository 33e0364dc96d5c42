<?php

declare(strict_types=1);

namespace App\Shelf\Recipes;

use App\Shelf\Thread\ShelfThread;
use Symfony\Component\HttpFoundation\File\UploadedFile;
use Symfony\Component\Validator\Constraints as Assert;

/** What is settled before stitching begins; each may be left open. */
final class RecipeInput
{
    public const LAMPS = ['day' => 'in day light', 'lamp' => 'under the lamp'];
    public const FEET = [
        '' => 'not settled',
        'hopping' => 'hopping',
        'open' => 'open',
        'disc' => 'disc',
        'ruler' => 'ruler',
        'glide' => 'glide',
    ];
    /** Of undyed cloth. */
    public const LIGHT = '#f2ece0';
    private const TEXTS = ['needle', 'foot', 'tension', 'note', 'topColour', 'backingColour'];

    public ?ShelfThread $top = null;
    public ?ShelfThread $bobbin = null;
    #[Assert\Length(max: 40, maxMessage: 'Up to {{ limit }} letters.')]
    public string $needle = '';
    #[Assert\Choice(['', 'hopping', 'open', 'disc', 'ruler', 'glide'])]
    public string $foot = '';
    #[Assert\Range(min: 2, max: 30, notInRangeMessage: 'Accepted is from {{ min }} to {{ max }} stitches an inch.')]
    public ?int $perInch = null;
    #[Assert\Length(max: 60, maxMessage: 'Up to {{ limit }} letters.')]
    public string $tension = '';
    #[Assert\Length(max: 500, maxMessage: 'Up to {{ limit }} letters.')]
    public string $note = '';
    #[Assert\Regex('/^#[0-9a-f]{6}$/Di', message: 'This is no colour. Choose one.')]
    public string $topColour = self::LIGHT;
    #[Assert\Regex('/^#[0-9a-f]{6}$/Di', message: 'This is no colour. Choose one.')]
    public string $backingColour = self::LIGHT;
    /** @var list<string> lamps under which the threads were laid on both cloths */
    #[Assert\Choice(choices: ['day', 'lamp'], multiple: true)]
    public array $seen = [];
    public bool $isTested = false;
    public ?UploadedFile $picture = null;

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        $texts = [];
        foreach (self::TEXTS as $name) {
            $texts[$name] = trim($this->{$name});
        }

        return [...$texts, 'perInch' => $this->perInch, 'seen' => $this->seen, 'tested' => $this->isTested];
    }

    /** @param array<string, mixed> $record as toArray() gave it */
    public static function fromArray(array $record): self
    {
        $input = new self();
        foreach (self::TEXTS as $name) {
            $input->{$name} = \is_string($record[$name] ?? null) ? $record[$name] : $input->{$name};
        }
        $input->perInch = \is_int($record['perInch'] ?? null) ? $record['perInch'] : null;
        $seen = \is_array($record['seen'] ?? null) ? $record['seen'] : [];
        $input->seen = array_values(
            array_filter(array_keys(self::LAMPS), static fn(string $lamp): bool => \in_array($lamp, $seen, true)),
        );
        $input->isTested = true === ($record['tested'] ?? null);

        return $input;
    }
}
