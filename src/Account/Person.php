<?php

declare(strict_types=1);

namespace App\Account;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\UnitSystem;
use Schwung\Core\Practice\Body;
use Schwung\Core\Practice\Hand;
use Symfony\Bridge\Doctrine\Types\UlidType;
use Symfony\Component\Security\Core\User\PasswordAuthenticatedUserInterface;
use Symfony\Component\Security\Core\User\UserInterface;
use Symfony\Component\Uid\Ulid;

/** Someone who works in a studio: its owner or a helper. */
#[ORM\Entity(repositoryClass: PersonRepository::class)]
#[ORM\UniqueConstraint(name: 'person_email', columns: ['email'])]
class Person implements UserInterface, PasswordAuthenticatedUserInterface
{
    #[ORM\Id, ORM\Column(type: UlidType::NAME)]
    private Ulid $id;

    /** Read along: nothing that somebody does goes without it. */
    #[ORM\ManyToOne(fetch: 'EAGER'), ORM\JoinColumn(nullable: false)]
    private Studio $studio;

    #[ORM\Column(length: 120)]
    private string $name;

    /** @var non-empty-string the one spelling of it, as canonical() has it */
    #[ORM\Column(length: 180, options: ['collation' => 'utf8mb4_bin'])]
    private string $email;

    #[ORM\Column]
    private string $passwordHash = '';

    /** When its letter was answered from this address; null until then. */
    #[ORM\Column(nullable: true)]
    private ?\DateTimeImmutable $confirmed = null;

    /** What the second step is reckoned from, sealed; null where there is none. */
    #[ORM\Column(length: 120, nullable: true)]
    private ?string $secondStep = null;

    /** The span of thirty seconds whose code was taken last: none is taken twice. */
    #[ORM\Column(nullable: true)]
    private ?int $codeTaken = null;

    /** @var list<string> hashes of the codes that stand in for the second step, each once */
    #[ORM\Column(type: Types::JSON)]
    private array $recoveryCodes = [];

    #[ORM\Column]
    private bool $owner;

    #[ORM\Column(length: 2, enumType: UnitSystem::class)]
    private UnitSystem $units;

    #[ORM\Column(length: 5, enumType: Hand::class)]
    private Hand $hand = Hand::Right;

    /** Over the bed from the front bar, in nanometres; null where nobody said. */
    #[ORM\Column(type: Types::BIGINT, nullable: true)]
    private ?int $reach = null;

    #[ORM\Column]
    private bool $soreHands = false;

    /** @var array<string, string> */
    #[ORM\Column(type: Types::JSON)]
    private array $ways = [];

    /** @var array<string, int> nanometres by the words of Distance */
    #[ORM\Column(type: Types::JSON)]
    private array $distances = [];

    private function __construct(Studio $studio, string $name, string $email, bool $owner)
    {
        $this->id = new Ulid();
        $this->studio = $studio;
        $this->name = $name;
        $this->email = self::canonical($email);
        $this->owner = $owner;
        $this->units = $studio->units();
    }

    public function body(): Body
    {
        return new Body(
            $this->hand,
            null === $this->reach ? null : Length::ofNanometres($this->reach),
            $this->soreHands,
        );
    }

    /** @param array<string, Length> $distances by the words of Distance, where they differ from the studio's */
    public function workWith(Body $body, array $distances): void
    {
        $this->hand = $body->hand;
        $this->reach = $body->reach?->nanometres;
        $this->soreHands = $body->hasSoreHands;
        $this->distances = array_map(static fn(Length $length): int => $length->nanometres, $distances);
    }

    /** @return array<string, Length> by the words of Distance, where they differ from the studio's */
    public function distances(): array
    {
        return array_map(Length::ofNanometres(...), $this->distances);
    }

    /** @return array<string, string> the ways of loading that are this person's own, by path of a sheet */
    public function ways(): array
    {
        return $this->ways;
    }

    /** @param array<string, string> $ways by path of a sheet */
    public function loadBy(array $ways): void
    {
        $this->ways = $ways;
    }

    public function id(): Ulid
    {
        return $this->id;
    }

    public static function owner(Studio $studio, string $name, string $email): self
    {
        return new self($studio, $name, $email, true);
    }

    public static function helper(Studio $studio, string $name, string $email): self
    {
        return new self($studio, $name, $email, false);
    }

    /**
     * The one spelling of an address, by which it is kept, looked up and counted: full-width letters are the usual
     * ones, capitals are small.
     *
     * @return non-empty-string
     */
    public static function canonical(string $email): string
    {
        return self::spelling($email) ?: throw new \InvalidArgumentException('An e-mail address is needed.');
    }

    /** The same of what may be no address at all; empty where nothing is left. */
    public static function spelling(string $email): string
    {
        $scrubbed = mb_scrub($email, 'UTF-8');

        $normal = \Normalizer::normalize($scrubbed, \Normalizer::FORM_KC);

        return trim(mb_strtolower(\is_string($normal) ? $normal : $scrubbed));
    }

    public function studio(): Studio
    {
        return $this->studio;
    }

    public function name(): string
    {
        return $this->name;
    }

    public function rename(string $name): void
    {
        $this->name = $name;
    }

    public function email(): string
    {
        return $this->email;
    }

    public function isOwner(): bool
    {
        return $this->owner;
    }

    public function units(): UnitSystem
    {
        return $this->units;
    }

    public function changeUnits(UnitSystem $units): void
    {
        $this->units = $units;
    }

    public function changePassword(string $hash): void
    {
        $this->passwordHash = $hash;
    }

    public function hasConfirmedAddress(): bool
    {
        return null !== $this->confirmed;
    }

    public function confirmAddress(\DateTimeImmutable $now): void
    {
        $this->confirmed ??= $now;
    }

    /** To one that has just answered its letter. */
    public function changeAddress(string $email, \DateTimeImmutable $now): void
    {
        $this->email = self::canonical($email);
        $this->confirmed = $now;
    }

    public function hasSecondStep(): bool
    {
        return null !== $this->secondStep;
    }

    /** @return ?string sealed */
    public function secondStep(): ?string
    {
        return $this->secondStep;
    }

    /** @param list<string> $recoveryCodes hashes */
    public function turnSecondStepOn(string $sealed, int $codeTaken, array $recoveryCodes): void
    {
        $this->secondStep = $sealed;
        $this->codeTaken = $codeTaken;
        $this->recoveryCodes = $recoveryCodes;
    }

    public function turnSecondStepOff(): void
    {
        $this->secondStep = null;
        $this->codeTaken = null;
        $this->recoveryCodes = [];
    }

    public function codeTaken(): ?int
    {
        return $this->codeTaken;
    }

    public function takeCode(int $span): void
    {
        $this->codeTaken = $span;
    }

    public function countRecoveryCodes(): int
    {
        return \count($this->recoveryCodes);
    }

    /** Whether the code was one of those left; it is none from then on. */
    public function takeRecoveryCode(string $hash): bool
    {
        $left = array_values(array_diff($this->recoveryCodes, [$hash]));
        $isTaken = $left !== $this->recoveryCodes;
        $this->recoveryCodes = $left;

        return $isTaken;
    }

    /** The studio is somebody else's now; this person helps. */
    public function handOverTo(self $that): void
    {
        if (!$this->owner || $that->studio !== $this->studio || $that === $this) {
            throw new \LogicException('Only an owner hands over, to somebody of the same studio.');
        }
        $this->owner = false;
        $that->owner = true;
    }

    public function getPassword(): string
    {
        return $this->passwordHash;
    }

    /** @return list<string> */
    public function getRoles(): array
    {
        return [$this->owner ? 'ROLE_OWNER' : 'ROLE_HELPER'];
    }

    #[\Deprecated]
    public function eraseCredentials(): void {}

    public function getUserIdentifier(): string
    {
        return $this->email;
    }
}
