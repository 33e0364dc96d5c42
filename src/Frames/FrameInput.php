<?php

declare(strict_types=1);

namespace App\Frames;

use App\Measure\OwnDistances;
use Schwung\Core\Frame\BetterWay;
use Schwung\Core\Frame\ClampWidth;
use Schwung\Core\Frame\Fittings;
use Schwung\Core\Frame\Foot;
use Schwung\Core\Frame\Frame;
use Schwung\Core\Frame\FrameKind;
use Schwung\Core\Frame\FrameMeasure;
use Schwung\Core\Frame\HoldingSystem;
use Schwung\Core\Frame\Machine;
use Schwung\Core\Frame\MachineKind;
use Schwung\Core\Frame\Stock;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\LengthWriter;
use Schwung\Core\Measure\UnitSystem;
use Schwung\Core\Practice\Distance;
use Symfony\Component\Validator\Constraints as Assert;
use Symfony\Component\Validator\Context\ExecutionContextInterface;

/** A frame's measures while they are entered; what may be left out is null. */
final class FrameInput
{
    private const NEEDED = 'This measure is needed.';

    #[
        Assert\NotBlank(message: 'Give the frame a name.'),
        Assert\Length(max: 80, maxMessage: 'Up to {{ limit }} letters.'),
    ]
    public string $name = '';

    public FrameKind $kind = FrameKind::Roller;

    /** @var array<string, Length|null> by the words of FrameMeasure */
    public array $taken = [];

    #[Assert\Range(min: 1, max: 500, notInRangeMessage: 'Between {{ min }} and {{ max }} teeth.')]
    public ?int $ratchetTeeth = null;

    /** @var array<HoldingSystem> */
    public array $methods = [];

    public bool $steelBars = false;

    public ?ClampWidth $sideClamps = null;

    #[Assert\Range(min: 1, max: 100, notInRangeMessage: 'Between {{ min }} and {{ max }} clamps, both sides together.')]
    public ?int $sideClampCount = null;

    public ?bool $table = null;

    public ?MachineKind $machine = null;

    /** @var array<Foot> */
    public array $feet = [];

    public ?Foot $always = null;

    public BetterWay $better = BetterWay::Both;

    public ?\DateTimeImmutable $levelled = null;

    /** @var array<string, Length|null> by the words of Distance; null as the studio has it */
    public array $distances = [];

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
        $input->kind = $measures->kind;
        $input->taken = $measures->measures;
        foreach (FrameMeasure::cases() as $measure) {
            $input->taken[$measure->value] ??= $measure->usual($measures->kind);
        }
        [$input->ratchetTeeth, $input->methods] = [$measures->ratchetTeeth, $measures->methods];
        $stock = $frame->stock();
        $lines = new StockLines($units);
        $fittings = $measures->fittings;
        [$input->steelBars, $input->table] = [$fittings->hasSteelBars, $fittings->hasTable];
        [$input->sideClampCount, $input->machine] = [$fittings->sideClamps, $fittings->machine->kind];
        [$input->feet, $input->always] = [$fittings->machine->feet, $fittings->machine->always];
        [$input->better, $input->distances] = [$fittings->machine->better, $frame->distances()];
        $input->levelled = $frame->levelled();
        $input->sideClamps = $measures->sideClamps;
        [$input->clips, $input->clamps, $input->zips] = [
            $lines->write($stock->of(HoldingSystem::ChannelClips)),
            $lines->write($stock->of(HoldingSystem::DowelClamps)),
            $lines->write($stock->of(HoldingSystem::Zip)),
        ];
        [$input->pins, $input->magnets, $input->springClamps] = [
            $stock->count(HoldingSystem::Pins),
            $stock->count(HoldingSystem::Magnets),
            $stock->count(HoldingSystem::SpringClamps),
        ];

        return $input;
    }

    #[Assert\Callback]
    public function checkNeeded(ExecutionContextInterface $context): void
    {
        foreach (FrameMeasure::cases() as $measure) {
            if ($measure->isNeeded() && null === ($this->taken[$measure->value] ?? null)) {
                $context
                    ->buildViolation(self::NEEDED)
                    ->atPath("taken[$measure->value]")
                    ->addViolation();
            }
        }
    }

    #[Assert\Callback]
    public function checkStock(ExecutionContextInterface $context): void
    {
        $leader = $this->taken[FrameMeasure::LeaderWidth->value] ?? null;
        foreach (['clips' => $this->clips, 'clamps' => $this->clamps, 'zips' => $this->zips] as $field => $text) {
            try {
                $pieces = (new StockLines($this->units))->read($text);
            } catch (\InvalidArgumentException $exception) {
                $context->buildViolation($exception->getMessage())->atPath($field)->addViolation();
                continue;
            }
            foreach ($pieces as $piece) {
                if ('clips' === $field && null !== $leader && $piece->length->isLongerThan($leader)) {
                    $context
                        ->buildViolation('A clip of {{ clip }} is longer than the leader.', [
                            '{{ clip }}' => (new LengthWriter($this->units))->write($piece->length),
                        ])
                        ->atPath($field)
                        ->addViolation();
                }
            }
        }
    }

    #[Assert\Callback]
    public function checkReach(ExecutionContextInterface $context): void
    {
        if (isset($this->taken[FrameMeasure::Rail->value]) && !$this->measures()->usableAcross()->isPositive()) {
            $context
                ->buildViolation('The rail must be longer than what is out of reach at its two ends.')
                ->atPath('taken[rail]')
                ->addViolation();
        }
    }

    /** What is wound on a roller was planned with the measures as they were. */
    #[Assert\Callback]
    public function checkLoaded(ExecutionContextInterface $context): void
    {
        if ([] !== $this->loaded && !$this->changeLoaded && $this->isChanged()) {
            $context
                ->buildViolation(
                    '{{ quilts }} is on this frame: its passes were planned with the measures as they were. Say ' .
                        'below that they change all the same, or take it off first.',
                    ['{{ quilts }}' => implode(', ', $this->loaded)],
                )
                ->addViolation();
        }
    }

    /** By what a plan goes by: all but the name. */
    private function isChanged(): bool
    {
        $now = $this->measures();

        return null !== $this->before &&
            ($now->kind !== $this->before->kind ||
                $now->ratchetTeeth !== $this->before->ratchetTeeth ||
                [] !==
                    array_filter(
                        FrameMeasure::cases(),
                        fn(FrameMeasure $measure): bool => $now->at($measure) != $this->before->at($measure),
                    ));
    }

    #[Assert\Callback]
    public function checkDepth(ExecutionContextInterface $context): void
    {
        if (isset($this->taken[FrameMeasure::Throat->value]) && !$this->measures()->bareDepth()->isPositive()) {
            $context
                ->buildViolation('The throat must be longer than what is kept free in front and at the back.')
                ->atPath('taken[throat]')
                ->addViolation();
        }
    }

    /** What is needed and not there yet is nothing. */
    public function measures(): Frame
    {
        $measures = $this->taken;
        foreach (FrameMeasure::cases() as $measure) {
            if ($measure->isNeeded()) {
                $measures[$measure->value] ??= Length::zero();
            } elseif (($measures[$measure->value] ?? null) == $measure->usual($this->kind)) {
                // What is as usual was not measured: it goes with the kind of the frame.
                unset($measures[$measure->value]);
            }
        }

        return new Frame($this->kind, $measures, $this->ratchetTeeth, array_values($this->methods));
    }

    public function fittings(): Fittings
    {
        return new Fittings(
            $this->steelBars,
            $this->table,
            $this->sideClampCount,
            new Machine($this->machine, array_values($this->feet), $this->always, $this->better),
        );
    }

    /** @return array<string, Length> by the words of Distance, where this frame differs from the studio */
    public function distances(): array
    {
        return array_filter($this->distances);
    }

    #[Assert\Callback]
    public function checkDistances(ExecutionContextInterface $context): void
    {
        foreach ($this->distances() as $word => $given) {
            OwnDistances::check($context, Distance::from($word), $given, $word, $this->units);
        }
    }

    /** Only of entries that can be read. */
    public function stock(): Stock
    {
        $lines = new StockLines($this->units);

        return (new Stock(
            array_filter([
                HoldingSystem::ChannelClips->value => $lines->read($this->clips),
                HoldingSystem::DowelClamps->value => $lines->read($this->clamps),
                HoldingSystem::Zip->value => $lines->read($this->zips),
            ]),
        ))->withCounts([
            HoldingSystem::Pins->value => $this->pins,
            HoldingSystem::Magnets->value => $this->magnets,
            HoldingSystem::SpringClamps->value => $this->springClamps,
        ]);
    }
}
