<?php

declare(strict_types=1);

namespace App\Frames;

use Schwung\Core\Frame\Frame;
use Schwung\Core\Frame\FrameKind;
use Schwung\Core\Frame\HoldingSystem;
use Schwung\Core\Frame\Stock;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\LengthWriter;
use Schwung\Core\Measure\UnitSystem;
use Symfony\Component\Validator\Constraints as Assert;
use Symfony\Component\Validator\Context\ExecutionContextInterface;

/** A frame's measures while they are entered; what may be left out is null. */
final class FrameInput
{
    private const NEEDED = 'This measure is needed.';

    #[Assert\NotBlank(message: 'Give the frame a name.'), Assert\Length(max: 80, maxMessage: 'Up to {{ limit }} letters.')]
    public string $name = '';

    public FrameKind $kind = FrameKind::Roller;

    #[Assert\NotNull(message: self::NEEDED)]
    public ?Length $rail = null;

    public ?Length $unreachableLeft = null;

    public ?Length $unreachableRight = null;

    #[Assert\NotNull(message: self::NEEDED)]
    public ?Length $throat = null;

    public ?Length $frontAllowance = null;

    public ?Length $backAllowance = null;

    #[Assert\NotNull(message: self::NEEDED)]
    public ?Length $armClearance = null;

    #[Assert\NotNull(message: self::NEEDED)]
    public ?Length $takeupDiameter = null;

    public ?Length $leaderLength = null;

    public ?Length $leaderWidth = null;

    #[Assert\Range(min: 1, max: 500, notInRangeMessage: 'Between {{ min }} and {{ max }} teeth.')]
    public ?int $ratchetTeeth = null;

    public ?Length $bedSpan = null;

    /** @var array<HoldingSystem> */
    public array $methods = [];

    public bool $steelBars = false;

    /** Lines of "36 x 3". */
    public string $clips = '';

    public string $clamps = '';

    public string $zips = '';

    #[Assert\Range(min: 0, max: 5000, notInRangeMessage: 'Between {{ min }} and {{ max }} pieces.')]
    public ?int $pins = null;

    #[Assert\Range(min: 0, max: 5000, notInRangeMessage: 'Between {{ min }} and {{ max }} pieces.')]
    public ?int $magnets = null;

    #[Assert\Range(min: 0, max: 500, notInRangeMessage: 'Between {{ min }} and {{ max }} pieces.')]
    public ?int $springClamps = null;

    public UnitSystem $units = UnitSystem::Inches;

    /** @var list<string> titles of the quilts that are on the frame now */
    public array $loaded = [];

    public bool $changeLoaded = false;

    private ?Frame $before = null;

    public static function in(UnitSystem $units): self
    {
        $input = new self();
        $input->units = $units;

        return $input;
    }

    public static function of(StudioFrame $frame, UnitSystem $units): self
    {
        $measures = $frame->measures();
        $input = self::in($units);
        $input->name = $frame->name();
        $input->before = $measures;
        foreach (get_object_vars($measures) as $measure => $value) {
            $input->{$measure} = $value;
        }

        $stock = $frame->stock();
        $lines = new StockLines($units);
        $input->steelBars = $frame->hasSteelBars();
        [$input->clips, $input->clamps, $input->zips] = [$lines->write($stock->clips), $lines->write($stock->clamps), $lines->write($stock->zips)];
        [$input->pins, $input->magnets, $input->springClamps] = [$stock->pins, $stock->magnets, $stock->springClamps];

        return $input;
    }

    #[Assert\Callback]
    public function checkStock(ExecutionContextInterface $context): void
    {
        foreach (['clips' => $this->clips, 'clamps' => $this->clamps, 'zips' => $this->zips] as $field => $text) {
            try {
                $pieces = (new StockLines($this->units))->read($text);
            } catch (\InvalidArgumentException $exception) {
                $context->buildViolation($exception->getMessage())->atPath($field)->addViolation();
                continue;
            }
            foreach ($pieces as $piece) {
                if (null !== $this->leaderWidth && 'clips' === $field && $piece->length->isLongerThan($this->leaderWidth)) {
                    $context->buildViolation('A clip of {{ clip }} is longer than the leader.', ['{{ clip }}' => (new LengthWriter($this->units))->write($piece->length)])->atPath($field)->addViolation();
                }
            }
        }
    }

    #[Assert\Callback]
    public function checkReach(ExecutionContextInterface $context): void
    {
        if (null !== $this->rail && !$this->measures()->usableAcross()->isPositive()) {
            $context->buildViolation('The rail must be longer than what is out of reach at its two ends.')->atPath('rail')->addViolation();
        }
    }

    /** What is wound on a roller was planned with the measures as they were. */
    #[Assert\Callback]
    public function checkLoaded(ExecutionContextInterface $context): void
    {
        if ([] !== $this->loaded && !$this->changeLoaded && $this->measures() != $this->before) {
            $context->buildViolation('{{ quilts }} is on this frame: its passes were planned with the measures as they were. Say below that they change all the same, or take it off first.', ['{{ quilts }}' => implode(', ', $this->loaded)])->addViolation();
        }
    }

    #[Assert\Callback]
    public function checkDepth(ExecutionContextInterface $context): void
    {
        if (null !== $this->throat && !$this->measures()->bareDepth()->isPositive()) {
            $context->buildViolation('The throat must be longer than what is kept free in front and at the back.')->atPath('throat')->addViolation();
        }
    }

    public function measures(): Frame
    {
        $three = Length::inches(3);
        $zero = Length::zero();

        return new Frame(
            $this->kind,
            $this->rail ?? $zero,
            $this->unreachableLeft ?? $this->kind->usualUnreachable(),
            $this->unreachableRight ?? $this->kind->usualUnreachable(),
            $this->throat ?? $zero,
            $this->frontAllowance ?? $three,
            $this->backAllowance ?? $three,
            $this->armClearance ?? $zero,
            $this->takeupDiameter ?? $zero,
            $this->leaderLength,
            $this->leaderWidth,
            $this->ratchetTeeth,
            $this->bedSpan,
            array_values($this->methods),
        );
    }

    /** Only of entries that can be read. */
    public function stock(): Stock
    {
        $lines = new StockLines($this->units);

        return new Stock($lines->read($this->clips), $lines->read($this->clamps), $lines->read($this->zips), $this->pins, $this->magnets, $this->springClamps);
    }
}
