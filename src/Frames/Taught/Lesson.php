<?php

declare(strict_types=1);

namespace App\Frames\Taught;

use App\Frames\StudioFrame;
use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use Symfony\Bridge\Doctrine\Types\UlidType;
use Symfony\Component\Uid\Ulid;

/**
 * One thing that the loads of a frame teach, with what each of them showed. Worked out when a load ends; a plan goes by
 * it only once the studio has agreed, and by the figure that it agreed to.
 *
 * @phpstan-type Point array{load: string, title: string, values: list<float>}
 */
#[ORM\Entity(repositoryClass: LessonRepository::class)]
#[ORM\UniqueConstraint(name: 'lesson_about', columns: ['frame_id', 'kind', 'about'])]
class Lesson
{
    /** So many points are kept, the latest. */
    private const MOST = 400;

    #[ORM\Id, ORM\Column(type: UlidType::NAME)]
    private Ulid $id;

    /** @var list<Point> oldest first */
    #[ORM\Column(type: Types::JSON)]
    private array $points = [];

    /** What the points say together; null while they are too few. */
    #[ORM\Column(nullable: true)]
    private ?float $value = null;

    /** What plans go by; null while nobody has agreed. */
    #[ORM\Column(nullable: true)]
    private ?float $agreed = null;

    /** Somebody looked at it and does not want plans to go by it. */
    #[ORM\Column]
    private bool $declined = false;

    public function __construct(
        #[ORM\ManyToOne, ORM\JoinColumn(nullable: false)] public readonly StudioFrame $frame,
        #[ORM\Column(length: 12, enumType: LessonKind::class)] public readonly LessonKind $kind,
        #[ORM\Column(length: 60)] public readonly string $about,
    ) {
        $this->id = new Ulid();
    }

    public function id(): Ulid
    {
        return $this->id;
    }

    /** @return list<Point> oldest first */
    public function points(): array
    {
        return $this->points;
    }

    /** @return list<list<float>> the numbers of the points alone */
    public function values(): array
    {
        return array_column($this->points, 'values');
    }

    /** How many loads it rests on. */
    public function loads(): int
    {
        return \count(array_unique(array_column($this->points, 'load')));
    }

    /**
     * Takes in what a load showed; told a second time it replaces the first.
     *
     * @param list<list<float>>             $values what each point of it says
     * @param \Closure(list<list<float>>): ?float $estimate what all points say together
     */
    public function learn(string $load, string $title, array $values, \Closure $estimate): void
    {
        $others = array_filter($this->points, static fn(array $point): bool => $point['load'] !== $load);
        $own = array_map(
            static fn(array $one): array => ['load' => $load, 'title' => $title, 'values' => $one],
            $values,
        );
        $this->points = \array_slice([...$others, ...$own], -self::MOST);
        $this->value = $estimate($this->values());
    }

    public function value(): ?float
    {
        return $this->value;
    }

    public function agreed(): ?float
    {
        return $this->agreed;
    }

    public function isDeclined(): bool
    {
        return $this->declined;
    }

    public function agree(): void
    {
        [$this->agreed, $this->declined] = [$this->value, false];
    }

    public function decline(): void
    {
        [$this->agreed, $this->declined] = [null, true];
    }

    /** All that it rests on is gone; it begins anew with the next load. */
    public function forget(): void
    {
        [$this->points, $this->value, $this->agreed, $this->declined] = [[], null, null, false];
    }
}
