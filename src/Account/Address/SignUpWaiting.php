<?php

declare(strict_types=1);

namespace App\Account\Address;

use App\Account\OpensByLink;
use App\Account\Person;
use App\Account\SignUp;
use Doctrine\ORM\Mapping as ORM;
use Schwung\Core\Measure\UnitSystem;
use Symfony\Bridge\Doctrine\Types\UlidType;
use Symfony\Component\Uid\Ulid;

/** A studio that somebody wants to open; it is opened when the link is that was mailed to the address given. */
#[ORM\Entity(repositoryClass: SignUpWaitingRepository::class)]
#[ORM\UniqueConstraint(name: 'sign_up_waiting_secret', columns: ['secret_hash'])]
class SignUpWaiting
{
    use OpensByLink;

    #[ORM\Id, ORM\Column(type: UlidType::NAME)]
    private Ulid $id;

    #[ORM\Column(length: 120)]
    private string $studio;

    #[ORM\Column(length: 180, options: ['collation' => 'utf8mb4_bin'])]
    private string $email;

    #[ORM\Column(length: 2, enumType: UnitSystem::class)]
    private UnitSystem $units;

    #[ORM\Column(length: 60)]
    private string $timeZone;

    public function __construct(
        SignUp $signUp,
        #[ORM\Column] public readonly string $passwordHash,
        #[\SensitiveParameter] string $secret,
        \DateTimeImmutable $now,
    ) {
        $this->id = new Ulid();
        $this->openBy($secret, $now->modify('+1 day'));
        $this->studio = trim($signUp->studio);
        $this->email = Person::canonical($signUp->email);
        $this->units = $signUp->units;
        $this->timeZone = $signUp->timeZone();
    }

    public function id(): Ulid
    {
        return $this->id;
    }

    public function email(): string
    {
        return $this->email;
    }

    /** Without the password, which is kept as a hash only. */
    public function signUp(): SignUp
    {
        return new SignUp($this->studio, $this->email, '', $this->units, $this->timeZone);
    }
}
