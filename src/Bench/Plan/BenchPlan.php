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

    /** @var array<string, array{float, float, int}> factor, spread and steps, by the words of StepKind */
    #[ORM\Column(type: Types::JSON)]
    private array $factors = [];

    /** @var array<string, int> when what was learnt of a kind was forgotten, by its words; seconds since 1970 */
    #[ORM\Column(type: Types::JSON)]
    private array $forgotten = [];

    #[ORM\Column(nullable: true)]
    private ?\DateTimeImmutable $worked = null;

    /** Since when something has changed that is not in it yet. */
    #[ORM\Column(nullable: true)]
    private ?\DateTimeImmutable $stale = null; // @phpstan-ignore property.unusedType (BenchPlanRepository writes it)

    #[ORM\Column(type: Types::TEXT, length: 16_777_215)]
    private string $calendar = '';

    #[ORM\Column(length: 64, unique: true, nullable: true, options: ['fixed' => true])]
    private ?string $linkHash = null;

    public function __construct(
        #[ORM\Id, ORM\OneToOne, ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')] public readonly Studio $studio,
    ) {}

    /**
     * @param array<string, mixed>                    $plan
     * @param array<string, array{float, float, int}> $factors
     */
    public function work(array $plan, array $factors, string $calendar, \DateTimeImmutable $now): void
    {
        [$this->plan, $this->factors, $this->calendar, $this->worked] = [$plan, $factors, $calendar, $now];
    }

    /** @return array<string, mixed> */
    public function plan(): array
    {
        return $this->plan;
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
        return null === $this->worked || null !== $this->stale;
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
