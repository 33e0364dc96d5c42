<?php

declare(strict_types=1);

namespace App\Bench\Hours;

use App\Account\Studio;
use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use Schwung\Core\Queue\WorkingTime;

/** When a studio works, what changing between two quilts costs it, and how long a needle and an oiling last. */
#[ORM\Entity(repositoryClass: StudioHoursRepository::class)]
class StudioHours
{
    /** By weekday, 1 is Monday: what a studio has that has set no hours. */
    private const USUAL = [
        1 => [[540, 750], [810, 1020]],
        2 => [[540, 750], [810, 1020]],
        3 => [[540, 750], [810, 1020]],
        4 => [[540, 750], [810, 1020]],
        5 => [[540, 750], [810, 1020]],
    ];
    private const USUAL_SETUP = ['thread' => 10, 'foot' => 5, 'hold' => 15, 'batting' => 5];

    /** @var array<int, list<array{int, int}>> from and to in minutes of the day, by weekday */
    #[ORM\Column(type: Types::JSON)]
    private array $hours = self::USUAL;

    /** @var list<string> "2027-03-19" */
    #[ORM\Column(type: Types::JSON)]
    private array $off = [];

    /** @var array<string, int> minutes, by what is changed */
    #[ORM\Column(type: Types::JSON)]
    private array $setup = self::USUAL_SETUP;

    /** After so many hours of stitching the needle is changed; 0 says nothing. */
    #[ORM\Column]
    private int $needleHours = 8;

    /** When the needle was changed last; what was stitched since counts. */
    #[ORM\Column(nullable: true)]
    private ?\DateTimeImmutable $needled = null;

    #[ORM\Column(type: Types::DATE_IMMUTABLE, nullable: true)]
    private ?\DateTimeImmutable $service = null;

    public function __construct(
        #[ORM\Id, ORM\OneToOne, ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')] public readonly Studio $studio,
    ) {}

    public function work(HoursInput $input): void
    {
        [$this->hours, $this->off, $this->setup] = [$input->spans(), $input->days(), $input->setup];
        [$this->needleHours, $this->service] = [$input->needleHours ?? 0, $input->service];
    }

    public function time(\DateTimeImmutable $firstDay): WorkingTime
    {
        return new WorkingTime($firstDay, $this->hours, array_fill_keys($this->off, true));
    }

    /** @return array<int, list<array{int, int}>> */
    public function hours(): array
    {
        return $this->hours;
    }

    /** @return list<string> */
    public function off(): array
    {
        return $this->off;
    }

    /** @return array<string, int> */
    public function setup(): array
    {
        return $this->setup;
    }

    public function needleHours(): int
    {
        return $this->needleHours;
    }

    public function needled(): ?\DateTimeImmutable
    {
        return $this->needled;
    }

    public function changeNeedle(\DateTimeImmutable $now): void
    {
        $this->needled = $now;
    }

    public function service(): ?\DateTimeImmutable
    {
        return $this->service;
    }

    public function serve(): void
    {
        $this->service = null;
    }
}
