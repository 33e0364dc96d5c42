<?php

declare(strict_types=1);

namespace App\Frames;

use App\Account\Studio;
use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use Schwung\Core\Frame\Frame;
use Schwung\Core\Frame\FrameKind;
use Schwung\Core\Frame\HoldingSystem;
use Schwung\Core\Frame\Stock;
use Schwung\Core\Measure\Length;
use Symfony\Bridge\Doctrine\Types\UlidType;
use Symfony\Component\Uid\Ulid;

/** A frame that stands in a studio; lengths are kept in whole nanometres. */
#[ORM\Entity(repositoryClass: StudioFrameRepository::class)]
class StudioFrame
{
    #[ORM\Id, ORM\Column(type: UlidType::NAME)]
    private Ulid $id;

    #[ORM\Column(length: 80)]
    private string $name;

    #[ORM\Column(length: 30, enumType: FrameKind::class)]
    private FrameKind $kind;

    #[ORM\Column(type: Types::BIGINT)]
    private int $railNm;

    #[ORM\Column(type: Types::BIGINT)]
    private int $unreachableLeftNm;

    #[ORM\Column(type: Types::BIGINT)]
    private int $unreachableRightNm;

    #[ORM\Column(type: Types::BIGINT)]
    private int $throatNm;

    #[ORM\Column(type: Types::BIGINT)]
    private int $frontAllowanceNm;

    #[ORM\Column(type: Types::BIGINT)]
    private int $backAllowanceNm;

    #[ORM\Column(type: Types::BIGINT)]
    private int $armClearanceNm;

    #[ORM\Column(type: Types::BIGINT)]
    private int $takeupDiameterNm;

    #[ORM\Column(type: Types::BIGINT, nullable: true)]
    private ?int $leaderLengthNm;

    #[ORM\Column(type: Types::BIGINT, nullable: true)]
    private ?int $leaderWidthNm;

    #[ORM\Column(nullable: true)]
    private ?int $ratchetTeeth;

    #[ORM\Column(type: Types::BIGINT, nullable: true)]
    private ?int $bedSpanNm;

    /** @var list<string> words of HoldingSystem */
    #[ORM\Column]
    private array $methods;

    #[ORM\Column]
    private bool $steelBars = false;

    /** @var array<string, mixed> as StockRecord wrote it */
    #[ORM\Column(type: Types::JSON)]
    private array $stock = [];

    public function __construct(
        #[ORM\ManyToOne, ORM\JoinColumn(nullable: false)] public readonly Studio $studio,
        string $name,
        Frame $measures,
    ) {
        $this->id = new Ulid();
        $this->remeasure($name, $measures);
    }

    public function id(): Ulid
    {
        return $this->id;
    }

    public function remeasure(string $name, Frame $measures): void
    {
        $this->name = $name;
        $this->kind = $measures->kind;
        $this->railNm = $measures->rail->nanometres;
        $this->unreachableLeftNm = $measures->unreachableLeft->nanometres;
        $this->unreachableRightNm = $measures->unreachableRight->nanometres;
        $this->throatNm = $measures->throat->nanometres;
        $this->frontAllowanceNm = $measures->frontAllowance->nanometres;
        $this->backAllowanceNm = $measures->backAllowance->nanometres;
        $this->armClearanceNm = $measures->armClearance->nanometres;
        $this->takeupDiameterNm = $measures->takeupDiameter->nanometres;
        $this->leaderLengthNm = $measures->leaderLength?->nanometres;
        $this->leaderWidthNm = $measures->leaderWidth?->nanometres;
        $this->ratchetTeeth = $measures->ratchetTeeth;
        $this->bedSpanNm = $measures->bedSpan?->nanometres;
        $this->methods = array_map(static fn (HoldingSystem $system): string => $system->value, $measures->methods);
    }

    public function name(): string
    {
        return $this->name;
    }

    public function kind(): FrameKind
    {
        return $this->kind;
    }

    public function measures(): Frame
    {
        $length = static fn (?int $nanometres): ?Length => null === $nanometres ? null : Length::ofNanometres($nanometres);

        return new Frame(
            $this->kind,
            Length::ofNanometres($this->railNm),
            Length::ofNanometres($this->unreachableLeftNm),
            Length::ofNanometres($this->unreachableRightNm),
            Length::ofNanometres($this->throatNm),
            Length::ofNanometres($this->frontAllowanceNm),
            Length::ofNanometres($this->backAllowanceNm),
            Length::ofNanometres($this->armClearanceNm),
            Length::ofNanometres($this->takeupDiameterNm),
            $length($this->leaderLengthNm),
            $length($this->leaderWidthNm),
            $this->ratchetTeeth,
            $length($this->bedSpanNm),
            array_map(HoldingSystem::from(...), $this->methods),
        );
    }

    public function equip(bool $steelBars, Stock $stock): void
    {
        $this->steelBars = $steelBars;
        $this->stock = StockRecord::toArray($stock);
    }

    public function hasSteelBars(): bool
    {
        return $this->steelBars;
    }

    public function stock(): Stock
    {
        return StockRecord::fromArray($this->stock);
    }
}
