<?php

declare(strict_types=1);

namespace App\AtTheFrame;

use Schwung\Core\Learning\QuiltedTop;
use Schwung\Core\Measure\Length;
use Schwung\Core\Sizing\Contraction;
use Schwung\Core\Tension\Symptom;
use Symfony\Component\Validator\Constraints as Assert;

/** What is written down once a quilt is off its frame. */
final class OffSheet
{
    public const FLATNESS = ['flat', 'rippled', 'not-flat'];
    public const CURL = ['none', 'to-back', 'to-front'];

    /** What of it is a problem of the layers. */
    public const SIGHTINGS = [Symptom::RipplesOffFrame, Symptom::CurlToBack, Symptom::CurlToFront];

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

    /** What of its batting and its stitching has to do with drawing in; null where nobody knows. */
    private ?float $loft = null;
    private ?float $density = null;

    /** Works out by how much the quilting drew a top of this size in. */
    public function compare(Length $width, Length $length): void
    {
        $drawn =
            null === $this->finishedWidth || null === $this->finishedLength
                ? null
                : Contraction::of($width, $length, $this->finishedWidth, $this->finishedLength);
        $this->contraction = null === $drawn ? null : [$drawn->across, $drawn->along];
    }

    /** @param float|null $loft in millimetres, $density in millimetres stitched for each square millimetre */
    public function quiltedBy(?float $loft, ?float $density): void
    {
        [$this->loft, $this->density] = [$loft, $density];
    }

    /** What it tells of drawing in; null where it was not measured, or its batting is not known. */
    public function drawnIn(): ?QuiltedTop
    {
        return null === $this->contraction || null === $this->loft || null === $this->density
            ? null
            : new QuiltedTop($this->loft, $this->density, ...$this->contraction);
    }

    public function shows(Symptom $symptom): bool
    {
        return match ($symptom) {
            Symptom::RipplesOffFrame => 'rippled' === $this->flatness,
            Symptom::CurlToBack => 'to-back' === $this->curl,
            Symptom::CurlToFront => 'to-front' === $this->curl,
            default => false,
        };
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
            'loft' => $this->loft,
            'density' => $this->density,
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
        $number = static fn(string $name): ?float => is_numeric($record[$name] ?? null) ? (float) $record[$name] : null;
        $sheet->quiltedBy($number('loft'), $number('density'));
        $sheet->trimmed = true === ($record['trimmed'] ?? false);
        $sheet->bobbins = \is_int($record['bobbins'] ?? null) ? $record['bobbins'] : null;

        return $sheet;
    }
}
