<?php

declare(strict_types=1);

namespace App\AtTheFrame;

use Schwung\Core\Measure\Length;
use Schwung\Core\Sizing\Contraction;
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
    /** Of the quilt as it lies now; null where nobody measured. */
    public ?Length $finishedWidth = null;
    public ?Length $finishedLength = null;
    /** @var array{float, float}|null by how much it drew in across and along, of a hundred of the top */
    private ?array $contraction = null;

    /** Works out by how much the quilting drew a top of this size in. */
    public function compare(Length $width, Length $length): void
    {
        $drawn =
            null === $this->finishedWidth || null === $this->finishedLength
                ? null
                : Contraction::of($width, $length, $this->finishedWidth, $this->finishedLength);
        $this->contraction = null === $drawn ? null : [$drawn->across, $drawn->along];
    }

    /** @return array{float, float}|null across and along, of a hundred; null where nobody measured */
    public function contraction(): ?array
    {
        return $this->contraction;
    }

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
            'finishedWidth' => $this->finishedWidth?->nanometres,
            'finishedLength' => $this->finishedLength?->nanometres,
            'contraction' => $this->contraction,
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
        foreach (['finishedWidth', 'finishedLength'] as $name) {
            $sheet->{$name} = \is_int($record[$name] ?? null) ? Length::ofNanometres($record[$name]) : null;
        }
        /** @var array{float, float}|null $contraction */
        $contraction = \is_array($record['contraction'] ?? null) ? $record['contraction'] : null;
        $sheet->contraction = $contraction;
        $sheet->trimmed = true === ($record['trimmed'] ?? false);
        $sheet->bobbins = \is_int($record['bobbins'] ?? null) ? $record['bobbins'] : null;

        return $sheet;
    }
}
