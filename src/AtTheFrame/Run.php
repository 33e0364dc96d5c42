<?php

declare(strict_types=1);

namespace App\AtTheFrame;

use App\Quilt\Quilt;
use App\Quilt\Subject;
use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use Schwung\Core\Frame\HoldingSystem;
use Schwung\Core\Frame\StockPiece;
use Schwung\Core\Measure\Length;
use Schwung\Core\Shelf\Hanging;
use Symfony\Bridge\Doctrine\Types\UlidType;
use Symfony\Component\Uid\Ulid;

/** One time that a quilt is on a frame, from its first step to its bag, with the plan as it was when it was begun. */
#[ORM\Entity(repositoryClass: RunRepository::class)]
#[ORM\Index(name: 'run_quilt', columns: ['quilt_id', 'started'])]
class Run
{
    #[ORM\Id, ORM\Column(type: UlidType::NAME)]
    private Ulid $id;
    #[ORM\Column(nullable: true)]
    private ?\DateTimeImmutable $ended = null;
    /** @var array<string, mixed> as FrozenRecord wrote it */
    #[ORM\Column(type: Types::JSON)]
    private array $frozen;
    /** @var array<string, mixed> as OffSheet wrote it; empty until it is off */
    #[ORM\Column(type: Types::JSON)]
    private array $off = [];

    /** @var list<array{string, int, int}> pieces that hold it: system, length in nanometres, how many */
    #[ORM\Column(type: Types::JSON)]
    private array $hanging = [];

    public function __construct(
        #[ORM\ManyToOne, ORM\JoinColumn(nullable: false)] public readonly Quilt $quilt,
        #[ORM\Column] public readonly \DateTimeImmutable $started,
        Subject $subject,
    ) {
        $this->id = new Ulid();
        $this->freeze($subject);
    }

    public function id(): Ulid
    {
        return $this->id;
    }

    /** Takes in what a plan is made from; later changes of the quilt do not reach it. */
    public function freeze(Subject $subject): void
    {
        $this->frozen = FrozenRecord::toArray($subject);
    }

    public function subject(): Subject
    {
        return FrozenRecord::fromArray($this->frozen);
    }

    /** @param list<Hanging> $hanging that hold it from now on */
    public function hangBy(array $hanging): void
    {
        $counts = [];
        foreach ($hanging as $one) {
            foreach ($one->pieces as $piece) {
                $length = $piece->length->nanometres;
                $counts[$one->system->value][$length] = $piece->count + ($counts[$one->system->value][$length] ?? 0);
            }
        }
        $this->hanging = [];
        foreach ($counts as $system => $byLength) {
            foreach ($byLength as $length => $count) {
                $this->hanging[] = [$system, $length, $count];
            }
        }
    }

    /** @return list<Hanging> */
    public function hanging(): array
    {
        $hanging = [];
        foreach ($this->hanging as [$system, $length, $count]) {
            $hanging[] = new Hanging(
                HoldingSystem::from($system),
                [new StockPiece(Length::ofNanometres($length), $count)],
                $this->quilt->title(),
            );
        }

        return $hanging;
    }

    /** What its plan would be made from now; where frames lend each other pieces, with those that it hangs by. */
    public function asItStandsNow(): Subject
    {
        $now = Subject::of($this->quilt);
        $stock = $this->quilt->studio->lendsPieces() ? $this->subject()->frame?->stock : null;

        return null === $stock ? $now : $now->onFrame($now->frame?->stocked($stock));
    }

    public function end(OffSheet $off, \DateTimeImmutable $now): void
    {
        $this->off = $off->toArray();
        $this->ended ??= $now;
    }

    public function ended(): ?\DateTimeImmutable
    {
        return $this->ended;
    }

    public function off(): OffSheet
    {
        return OffSheet::fromArray($this->off);
    }
}
