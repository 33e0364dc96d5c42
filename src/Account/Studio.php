<?php

declare(strict_types=1);

namespace App\Account;

use App\Settings\PracticeSettings;
use App\Settings\Words;
use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use Schwung\Core\Measure\UnitSystem;
use Schwung\Core\Practice\CarePair;
use Schwung\Core\Practice\ClothTrait;
use Schwung\Core\Practice\Practice;
use Symfony\Bridge\Doctrine\Types\UlidType;
use Symfony\Component\Uid\Ulid;

/** A quilting studio; every other record belongs to one. */
#[ORM\Entity(repositoryClass: StudioRepository::class)]
class Studio
{
    public const DAYS_OF_GRACE = 30;

    #[ORM\Id, ORM\Column(type: UlidType::NAME)]
    private Ulid $id;

    #[ORM\Column(length: 120)]
    private string $name;

    #[ORM\Column(length: 2, enumType: UnitSystem::class)]
    private UnitSystem $units;

    #[ORM\Column(length: 60)]
    private string $timeZone;

    /** @var list<array{one: string, other: string, says: string}> */
    #[ORM\Column(type: Types::JSON)]
    private array $pairs = [];

    /** @var array<string, int|float> */
    #[ORM\Column(type: Types::JSON)]
    private array $practice = [];

    /** @var array<string, string> */
    #[ORM\Column(type: Types::JSON)]
    private array $ways = [];
    /** @var array<string, string> this studio's own names by the usual ones */
    #[ORM\Column(type: Types::JSON)]
    private array $words = [];

    /** How often anything was added to what its loads have met. */
    #[ORM\Column]
    private int $seen = 0;

    /** Whether its frames lend each other clips, clamps and pins. */
    #[ORM\Column(options: ['default' => false])]
    private bool $lendsPieces = false;

    /** When a studio that was closed is erased with everything in it; null while it is open. */
    #[ORM\Column(nullable: true)]
    private ?\DateTimeImmutable $erasedOn = null;

    public function __construct(string $name, UnitSystem $units, string $timeZone)
    {
        $this->id = new Ulid();
        $this->name = $name;
        $this->units = $units;
        $this->timeZone = $timeZone;
    }

    public function id(): Ulid
    {
        return $this->id;
    }

    /** Closes it: so long everything can still be fetched, or the studio be kept after all. */
    public function close(\DateTimeImmutable $now): void
    {
        $this->erasedOn ??= $now->modify('+' . self::DAYS_OF_GRACE . ' days');
    }

    public function keep(): void
    {
        $this->erasedOn = null;
    }

    public function erasedOn(): ?\DateTimeImmutable
    {
        return $this->erasedOn;
    }

    public function lendsPieces(): bool
    {
        return $this->lendsPieces;
    }

    public function lendPieces(bool $does): void
    {
        $this->lendsPieces = $does;
    }

    public function seen(): int
    {
        return $this->seen;
    }

    public function name(): string
    {
        return $this->name;
    }

    public function units(): UnitSystem
    {
        return $this->units;
    }

    public function rename(string $name, string $timeZone): void
    {
        $this->name = $name;
        $this->timeZone = $timeZone;
    }

    public function timeZone(): \DateTimeZone
    {
        return new \DateTimeZone($this->timeZone);
    }

    /** How this studio works: its own figures where it has set them, the trade's usual ones elsewhere. */
    public function practice(): Practice
    {
        return PracticeSettings::fromArray($this->practice)->practice()->minding($this->pairs());
    }

    /** @return list<CarePair> of its own that do not suit each other; what is not known any more is left out */
    public function pairs(): array
    {
        $pairs = [];
        foreach ($this->pairs as $pair) {
            [$one, $other] = [ClothTrait::tryFrom($pair['one']), ClothTrait::tryFrom($pair['other'])];
            if (null !== $one && null !== $other) {
                $pairs[] = new CarePair($one, $other, $pair['says'], true);
            }
        }

        return $pairs;
    }

    public function mind(ClothTrait $one, ClothTrait $other, string $says): void
    {
        $pair = ['one' => $one->value, 'other' => $other->value, 'says' => $says];
        // A second click minds it once.
        if (!\in_array($pair, $this->pairs, true)) {
            $this->pairs = [...$this->pairs, $pair];
        }
    }

    public function mindNoMore(int $place): void
    {
        $this->pairs = array_values(
            array_filter($this->pairs, static fn(int $i): bool => $i !== $place, \ARRAY_FILTER_USE_KEY),
        );
    }

    /** @return array<string, int|float> as PracticeSettings wrote it */
    public function practiceRecord(): array
    {
        return $this->practice;
    }

    /** By which part of an inch readings at the frame go. */
    public function fraction(): int
    {
        return PracticeSettings::fromArray($this->practice)->fraction;
    }

    /** @return array<string, string> the ways of loading that a new quilt begins with, by path of its sheet */
    public function ways(): array
    {
        return $this->ways;
    }

    /** @param array<string, string> $ways by path of a sheet */
    public function loadBy(array $ways): void
    {
        $this->ways = $ways;
    }

    public function work(PracticeSettings $settings): void
    {
        $this->practice = $settings->toArray();
    }

    public function words(): Words
    {
        return new Words($this->words);
    }

    /** @param array<string, string> $words */
    public function call(array $words): void
    {
        $this->words = $words;
    }
}
