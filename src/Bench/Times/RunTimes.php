<?php

declare(strict_types=1);

namespace App\Bench\Times;

use App\AtTheFrame\Run;
use App\Platform\Kept\ShownOnNoKeptPage;
use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use Schwung\Core\Loading\StepKind;
use Schwung\Core\Queue\StepTime;

/** What the steps of one load were estimated to take and took, read from its log once it has grown. */
#[ORM\Entity(repositoryClass: RunTimesRepository::class)]
#[ShownOnNoKeptPage]
class RunTimes
{
    /** Among the sums: whether it is a top of a load of several. */
    public const TOLD_AGAIN = 'told again';

    /** @var list<array{string, float, float}> kind, minutes estimated and taken of each step that was done, in order */
    #[ORM\Column(type: Types::JSON)]
    private array $steps = [];

    /** @var array<string, float> minutes estimated and taken of loading and of all after, and what it met */
    #[ORM\Column(type: Types::JSON)]
    private array $sums = [];

    /** The number of the last entry of the log that is in it. */
    #[ORM\Column]
    private int $last = 0; // @phpstan-ignore property.onlyWritten (RunTimesRepository asks the database by it)

    public function __construct(
        #[ORM\Id, ORM\OneToOne, ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')] public readonly Run $run,
    ) {}

    /**
     * @param list<array{string, float, float}> $steps
     * @param array<string, float>              $sums
     */
    public function read(array $steps, array $sums, int $last): void
    {
        [$this->steps, $this->sums, $this->last] = [$steps, $sums, $last];
    }

    /** @return list<StepTime> */
    public function steps(): array
    {
        return array_map(
            static fn(array $step): StepTime => new StepTime(StepKind::from($step[0]), $step[1], $step[2]),
            $this->steps,
        );
    }

    /** In minutes; 0 where nothing was written down of it. */
    public function sum(string $what): float
    {
        return $this->sums[$what] ?? 0.0;
    }

    /** Whether these are the times of a whole load, told again for one of its tops. */
    public function isToldAgain(): bool
    {
        return $this->sum(self::TOLD_AGAIN) > 0;
    }
}
