<?php

declare(strict_types=1);

namespace App\AtTheFrame;

use Schwung\Core\Learning\StrainRule;
use Schwung\Core\Measure\Length;
use Schwung\Core\Running\EntryKind;
use Symfony\Component\Validator\Constraints as Assert;

/** A reading while it is entered on the page of readings; of another kind, its fields stay empty. */
final class ReadingInput
{
    public ?Length $round = null;
    public ?Length $through = null;
    #[Assert\Range(min: 1, max: 9999, notInRangeMessage: 'Between {{ min }} and {{ max }} clicks.')]
    public ?int $clicks = null;
    public ?Length $depth = null;
    public ?Length $width = null;
    public ?Length $left = null;
    public ?Length $right = null;
    public ?Length $apart = null;
    public ?Length $loaded = null;
    #[Assert\Choice(['backing', 'top'])]
    public string $layer = 'backing';

    public function __construct(public readonly EntryKind $kind) {}

    /**
     * What is wrong with it by itself, by its field.
     *
     * @return array{string, string}|null
     */
    public function fault(): ?array
    {
        foreach ($this->needed() as $name => $value) {
            if (null === $value) {
                return [$name, 'A length is needed here.'];
            }
        }
        if (
            EntryKind::Roll === $this->kind &&
            1 !== \count(array_filter([$this->round, $this->through, $this->clicks], static fn($one) => null !== $one))
        ) {
            return ['round', 'One of the three is enough: round the roll, through it, or the clicks of the advance.'];
        }
        if (EntryKind::Slant === $this->kind && true !== $this->apart?->isPositive()) {
            return ['apart', 'Both places lie on one point: read far to the left and far to the right.'];
        }
        if (EntryKind::Strain === $this->kind && null !== $this->apart && null !== $this->loaded) {
            try {
                (new StrainRule())->strain($this->apart, $this->loaded);
            } catch (\InvalidArgumentException $exception) {
                return ['loaded', $exception->getMessage()];
            }
        }

        return null;
    }

    /** @return array<string, Length|null> */
    private function needed(): array
    {
        return match ($this->kind) {
            EntryKind::Width => ['depth' => $this->depth, 'width' => $this->width],
            EntryKind::Slant => ['left' => $this->left, 'right' => $this->right, 'apart' => $this->apart],
            EntryKind::Strain => ['apart' => $this->apart, 'loaded' => $this->loaded],
            default => [],
        };
    }

    /**
     * As the log has it, lengths in millimetres.
     *
     * @param Length $wound  on the roll at the pass at hand
     * @param Length $before what was wound at the pass before
     *
     * @return array<string, mixed>
     */
    public function data(Length $wound, Length $before): array
    {
        $mm = static fn(?Length $length): float => round($length?->toMillimetres() ?? 0.0, 3);

        return match (true) {
            EntryKind::Roll === $this->kind && null !== $this->clicks => [
                'from' => $mm($before),
                'to' => $mm($wound),
                'clicks' => (float) $this->clicks,
            ],
            EntryKind::Roll === $this->kind => [
                'wound' => $mm($wound),
                'round' => null === $this->round ? round(\M_PI * $mm($this->through), 3) : $mm($this->round),
            ],
            EntryKind::Strain === $this->kind => [
                'layer' => $this->layer,
                ...array_map($mm, $this->needed()),
            ],
            default => array_map($mm, $this->needed()),
        };
    }
}
