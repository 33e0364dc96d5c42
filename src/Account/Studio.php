<?php

declare(strict_types=1);

namespace App\Account;

use Doctrine\ORM\Mapping as ORM;
use Schwung\Core\Measure\UnitSystem;
use Symfony\Bridge\Doctrine\Types\UlidType;
use Symfony\Component\Uid\Ulid;

/** A quilting studio; every other record belongs to one. */
#[ORM\Entity]
class Studio
{
    #[ORM\Id, ORM\Column(type: UlidType::NAME)]
    private Ulid $id;

    #[ORM\Column(length: 120)]
    private string $name;

    #[ORM\Column(length: 2, enumType: UnitSystem::class)]
    private UnitSystem $units;

    #[ORM\Column(length: 60)]
    private string $timeZone;

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

    public function name(): string
    {
        return $this->name;
    }

    public function units(): UnitSystem
    {
        return $this->units;
    }

    public function timeZone(): \DateTimeZone
    {
        return new \DateTimeZone($this->timeZone);
    }
}
