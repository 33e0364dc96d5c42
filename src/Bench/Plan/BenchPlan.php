<?php

declare(strict_types=1);

namespace App\Bench\Plan;

use App\Account\Studio;
use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;

/** A studio's queue as it was worked out last, with all that the bench and the calendar show of it. */
#[ORM\Entity(repositoryClass: BenchPlanRepository::class)]
class BenchPlan
{
    /** @var array<string, mixed> as Planning wrote it; empty before the first time */
    #[ORM\Column(type: Types::JSON)]
    private array $plan = [];

    /** @var array<string, mixed> what of the shelf is meant for whom: apart, for the shelf's page reads nothing else */
    #[ORM\Column(type: Types::JSON)]
    private array $shelf = [];

    /** @var array<string, array{float, float, int}> factor, spread and steps, by the words of StepKind */
    #[ORM\Column(type: Types::JSON)]
    private array $factors = [];

    /** @var array<string, int> when what was learnt of a kind was forgotten, by its words; seconds since 1970 */
    #[ORM\Column(type: Types::JSON)]
    private array $forgotten = [];

    #[ORM\Column(nullable: true)]
    private ?\DateTimeImmutable $worked = null;

    /** How often anything has changed that it rests on. */
    #[ORM\Column(options: ['default' => 0])]
    private int $changes = 0;

    /** How many of those changes are in it. */
    #[ORM\Column(options: ['default' => 0])]
    private int $planned = 0;

    #[ORM\Column(type: Types::TEXT, length: 16_777_215)]
    private string $calendar = '';

    #[ORM\Column(length: 64, unique: true, nullable: true, options: ['fixed' => true])]
    private ?string $linkHash = null;

    public function __construct(
        #[ORM\Id, ORM\OneToOne, ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')] public readonly Studio $studio,
    ) {}

    /** @param array<string, array{float, float, int}> $factors */
    public function learn(array $factors): void
    {
        $this->factors = $factors;
    }

    /**
     * @param array<string, mixed> $plan
     * @param int                  $planned how many changes are in it
     */
    public function work(array $plan, string $calendar, int $planned, \DateTimeImmutable $now): void
    {
        /** @var array<string, mixed> $shelf as Planning wrote it */
        $shelf = $plan['shelf'] ?? [];
        $this->shelf = $shelf;
        unset($plan['shelf']);
        [$this->plan, $this->calendar, $this->planned, $this->worked] = [$plan, $calendar, $planned, $now];
    }

    /** @return array<string, mixed> */
    public function plan(): array
    {
        return [] === $this->plan ? [] : [...$this->plan, 'shelf' => $this->shelf];
    }

    /** @return array<string, array{float, float, int}> */
    public function factors(): array
    {
        return $this->factors;
    }

    /** @return array<string, int> */
    public function forgotten(): array
    {
        return $this->forgotten;
    }

    public function forget(string $kind, \DateTimeImmutable $now): void
    {
        $this->forgotten[$kind] = $now->getTimestamp();
        unset($this->factors[$kind]);
    }

    public function worked(): ?\DateTimeImmutable
    {
        return $this->worked;
    }

    public function isStale(): bool
    {
        return (new PlanState($this->changes, $this->planned, $this->worked))->isStale();
    }

    public function calendar(): string
    {
        return $this->calendar;
    }

    public function open(#[\SensitiveParameter] string $hash): void
    {
        $this->linkHash = $hash;
    }

    public function close(): void
    {
        $this->linkHash = null;
    }

    public function hasLink(): bool
    {
        return null !== $this->linkHash;
    }
}
