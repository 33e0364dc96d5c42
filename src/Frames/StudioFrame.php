<?php

declare(strict_types=1);

namespace App\Frames;

use App\Account\Studio;
use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use Schwung\Core\Frame\ClampWidth;
use Schwung\Core\Frame\Fittings;
use Schwung\Core\Frame\Frame;
use Schwung\Core\Frame\FrameKind;
use Schwung\Core\Frame\FrameMeasure;
use Schwung\Core\Frame\HoldingSystem;
use Schwung\Core\Frame\Stock;
use Schwung\Core\Measure\Length;
use Schwung\Core\Practice\Practice;
use Schwung\Core\Practice\Taught;
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

    /** @var array<string, int> nanometres by the words of FrameMeasure */
    #[ORM\Column(type: Types::JSON)]
    private array $measures;

    #[ORM\Column(nullable: true)]
    private ?int $ratchetTeeth;

    /** @var list<string> words of HoldingSystem */
    #[ORM\Column]
    private array $methods;

    #[ORM\Column]
    private bool $steelBars = false;

    #[ORM\Column(length: 10, nullable: true, enumType: ClampWidth::class)]
    private ?ClampWidth $sideClamps = null;

    /** @var array<string, mixed> as StockRecord wrote it */
    #[ORM\Column(type: Types::JSON)]
    private array $stock = [];

    /** @var array<string, mixed> as FittingsRecord wrote it */
    #[ORM\Column(type: Types::JSON)]
    private array $fittings = [];

    /** When it was last checked with a level; null where nobody said. */
    #[ORM\Column(type: Types::DATE_IMMUTABLE, nullable: true)]
    private ?\DateTimeImmutable $levelled = null;

    /** @var array<string, string> */
    #[ORM\Column(type: Types::JSON)]
    private array $ways = [];

    /** @var array<string, int> nanometres by the words of Distance */
    #[ORM\Column(type: Types::JSON)]
    private array $distances = [];

    /** @var list<string> words of FrameMeasure whose everyday figures stand in until somebody has taken them */
    #[ORM\Column(type: Types::JSON)]
    private array $assumed = [];

    /** @var array{thickness?: array<string, float>, drift?: array<string, int>} what its loads have taught and plans go by */
    #[ORM\Column(type: Types::JSON)]
    private array $taught = [];

    /** When somebody deleted it; nobody sees it any more, and for a while that can be undone. */
    #[ORM\Column(nullable: true)]
    private ?\DateTimeImmutable $deleted = null;

    public function __construct(
        #[ORM\ManyToOne, ORM\JoinColumn(nullable: false)] public readonly Studio $studio,
        string $name,
        Frame $measures,
    ) {
        $this->id = new Ulid();
        $this->remeasure($name, $measures);
    }

    public function delete(\DateTimeImmutable $now): void
    {
        $this->deleted = $now;
    }

    public function restore(): void
    {
        $this->deleted = null;
    }

    public function deletedSince(): ?\DateTimeImmutable
    {
        return $this->deleted;
    }

    public function id(): Ulid
    {
        return $this->id;
    }

    public function remeasure(string $name, Frame $measures): void
    {
        $this->name = $name;
        $this->kind = $measures->kind;
        $this->measures = array_map(static fn(Length $length): int => $length->nanometres, $measures->measures);
        $this->ratchetTeeth = $measures->ratchetTeeth;
        $this->methods = array_map(static fn(HoldingSystem $system): string => $system->value, $measures->methods);
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
        return new Frame(
            $this->kind,
            array_map(Length::ofNanometres(...), $this->measures),
            $this->ratchetTeeth,
            array_map(HoldingSystem::from(...), $this->methods),
            $this->stock(),
            $this->sideClamps,
            FittingsRecord::fromArray($this->fittings, $this->steelBars),
        );
    }

    public function equip(Fittings $fittings, Stock $stock, ?ClampWidth $sideClamps = null): void
    {
        $this->sideClamps = $sideClamps;
        $this->steelBars = $fittings->hasSteelBars;
        $this->fittings = FittingsRecord::toArray($fittings);
        $this->stock = StockRecord::toArray($stock);
    }

    /** @return list<FrameMeasure> that stand in with an everyday figure and were not taken yet */
    public function assumed(): array
    {
        return array_map(FrameMeasure::from(...), $this->assumed);
    }

    /** @param list<FrameMeasure> $measures */
    public function assume(array $measures): void
    {
        $this->assumed = array_map(static fn(FrameMeasure $measure): string => $measure->value, $measures);
    }

    /** @param list<FrameMeasure> $measures that somebody has taken now */
    public function confirm(array $measures): void
    {
        $this->assume(
            array_values(
                array_filter(
                    $this->assumed(),
                    static fn(FrameMeasure $assumed): bool => !\in_array($assumed, $measures, true),
                ),
            ),
        );
    }

    public function levelled(): ?\DateTimeImmutable
    {
        return $this->levelled;
    }

    public function level(?\DateTimeImmutable $on): void
    {
        $this->levelled = $on;
    }

    public function fittings(): Fittings
    {
        return FittingsRecord::fromArray($this->fittings, $this->steelBars);
    }

    /** @return array<string, Length> by the words of Distance, where they differ from the studio's */
    public function distances(): array
    {
        return array_map(Length::ofNanometres(...), $this->distances);
    }

    /** @param array<string, Length> $distances by the words of Distance */
    public function differ(array $distances): void
    {
        $this->distances = array_map(static fn(Length $length): int => $length->nanometres, $distances);
    }

    /** How work goes on it: as in its studio, but for its own distances and what its loads have taught. */
    public function practice(): Practice
    {
        return $this->studio->practice()->differing($this->distances())->taught($this->taught());
    }

    public function taught(): Taught
    {
        return Taught::fromArray($this->taught);
    }

    public function teach(Taught $taught): void
    {
        $this->taught = $taught->toArray();
    }

    /** @return array<string, string> the ways of loading on this frame, by path of a sheet */
    public function ways(): array
    {
        return $this->ways;
    }

    /** @param array<string, string> $ways by path of a sheet */
    public function loadBy(array $ways): void
    {
        $this->ways = $ways;
    }

    public function stock(): Stock
    {
        return StockRecord::fromArray($this->stock);
    }
}
