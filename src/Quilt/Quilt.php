<?php

declare(strict_types=1);

namespace App\Quilt;

use App\Account\Studio;
use App\Clients\Client;
use App\Frames\StudioFrame;
use App\Platform\Sought;
use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use Schwung\Core\Bringing\Brought;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\UnitSystem;
use Schwung\Core\Plan\Standing;
use Symfony\Bridge\Doctrine\Types\UlidType;
use Symfony\Component\Uid\Ulid;

/**
 * A client's quilt. What is measured stands in its revisions; the verdict is kept beside it in both unit systems, so
 * that the shelf need not plan every quilt anew.
 */
#[ORM\Entity(repositoryClass: QuiltRepository::class)]
#[ORM\Index(name: 'quilt_shelf', columns: ['studio_id', 'finished', 'due', 'id'])]
#[ORM\Index(name: 'quilt_promised', columns: ['studio_id', 'promised', 'finished', 'due'])]
#[ORM\Index(name: 'quilt_outdated', columns: ['studio_id', 'outdated', 'id'])]
#[ORM\UniqueConstraint(name: 'quilt_entry', columns: ['studio_id', 'entry_key'])]
class Quilt
{
    /** With this begins the key of a load of several. */
    public const GANG = 'gang-';

    #[ORM\Id, ORM\Column(type: UlidType::NAME)]
    private Ulid $id;

    #[ORM\Column(length: 120)]
    private string $title;

    /** The client's name, kept beside the record so that the bench reads thousands without it. */
    #[ORM\Column(length: 120)]
    private string $client;

    /** Title and client as they are searched by. */
    #[ORM\Column(length: Sought::LENGTH, options: ['collation' => 'utf8mb4_bin', 'default' => ''])]
    private string $titleSought = ''; // @phpstan-ignore property.onlyWritten (the bench asks the database by it)

    #[ORM\Column(length: Sought::LENGTH, options: ['collation' => 'utf8mb4_bin', 'default' => ''])]
    private string $clientSought = ''; // @phpstan-ignore property.onlyWritten (the bench asks the database by it)

    /** Whose it is; null for a load of several, and once its client was erased. */
    #[ORM\ManyToOne, ORM\JoinColumn(onDelete: 'SET NULL')]
    private ?Client $whose = null;

    /** @var array{across: int, along: int, lost: int, fullness: float}|null what it was like when it came; null before it is measured */
    #[ORM\Column(type: Types::JSON, nullable: true)]
    private ?array $brought = null;

    #[ORM\Column(type: Types::DATE_IMMUTABLE, nullable: true)]
    private ?\DateTimeImmutable $due = null;

    #[ORM\ManyToOne]
    private ?StudioFrame $frame = null;

    #[ORM\OneToOne]
    private ?Revision $revision = null;

    #[ORM\Column(length: 12, enumType: Standing::class)]
    private Standing $standing = Standing::Open;

    #[ORM\Column(length: 300)]
    private string $verdictIn = '';

    #[ORM\Column(length: 300)]
    private string $verdictCm = '';

    /** @var list<array{key: string, words: array<string, string>}> what was promised and nobody has done yet */
    #[ORM\Column(type: Types::JSON)]
    private array $promises = [];

    /** Whether there is any. */
    #[ORM\Column]
    private bool $promised = false; // @phpstan-ignore property.onlyWritten (the bench asks the database by it)

    /** Whether something that its verdict rests on has changed since it was judged. */
    #[ORM\Column(options: ['default' => false])]
    private bool $outdated = false;

    /** Since when it is on its frame; null while it is not. */
    #[ORM\Column(nullable: true)]
    private ?\DateTimeImmutable $loaded = null;

    /** When it was bagged; null while it is in the studio's hands. */
    #[ORM\Column(nullable: true)]
    private ?\DateTimeImmutable $finished = null;

    /** Since when it is put away: off the shelf for good, and still to be read. */
    #[ORM\Column(nullable: true)]
    private ?\DateTimeImmutable $archived = null;

    /** When somebody deleted it; nobody sees it any more, and for a while that can be undone. */
    #[ORM\Column(nullable: true)]
    private ?\DateTimeImmutable $deleted = null;

    /** Which one of the studio it is in a year; 0 before it is counted. */
    #[ORM\Column(options: ['default' => 0])]
    private int $number = 0;

    #[ORM\Column(type: Types::SMALLINT, options: ['default' => 0])]
    private int $numberYear = 0;

    /** The load in which it goes on the frame beside others; null where it goes on alone. */
    #[ORM\ManyToOne(targetEntity: self::class), ORM\JoinColumn(onDelete: 'SET NULL')]
    private ?Quilt $carrier = null;

    /** Where its middle lies in that load, in nanometres from the middle of the row; to the left is negative. */
    #[ORM\Column(type: Types::BIGINT, nullable: true)]
    private ?int $carriedAt = null;

    /** How heavy the thread on its bobbins is; null while nothing is settled. */
    #[ORM\Column(nullable: true)]
    private ?float $bobbinTex = null;

    /** @param string $entryKey made when the form was shown, so that a second click makes no second quilt */
    public function __construct(
        #[ORM\ManyToOne, ORM\JoinColumn(nullable: false)] public readonly Studio $studio,
        #[ORM\Column(length: 36, options: ['collation' => 'utf8mb4_bin'])] public readonly string $entryKey,
        string $title,
        string $client,
        ?\DateTimeImmutable $due,
        ?StudioFrame $frame,
    ) {
        $this->id = new Ulid();
        $this->describe($title, $client, $due, $frame);
    }

    public function id(): Ulid
    {
        return $this->id;
    }

    public function describe(string $title, string $client, ?\DateTimeImmutable $due, ?StudioFrame $frame): void
    {
        $this->title = $title;
        $this->titleSought = Sought::in($title);
        $this->nameClient($client);
        $this->due = $due;
        $this->frame = $frame;
    }

    public function windBobbins(?float $tex): void
    {
        $this->bobbinTex = $tex;
    }

    /** In tex; null while nothing is settled. */
    public function bobbinTex(): ?float
    {
        return $this->bobbinTex;
    }

    public function moveTo(?Revision $revision): void
    {
        $this->revision = $revision;
    }

    public function judge(Judgement $judgement): void
    {
        $this->outdated = false;
        $this->standing = $judgement->standing;
        $this->verdictIn = $judgement->in(UnitSystem::Inches);
        $this->verdictCm = $judgement->in(UnitSystem::Centimetres);
        $this->promises = $judgement->promises();
        $this->promised = [] !== $this->promises;
        $this->brought = $judgement->brought();
    }

    /** What it was like when it came, as it was judged last; null before top and backing are measured. */
    public function brought(): ?Brought
    {
        return null === $this->brought
            ? null
            : new Brought(
                Length::ofNanometres($this->brought['across']),
                Length::ofNanometres($this->brought['along']),
                Length::ofNanometres($this->brought['lost']),
                (float) $this->brought['fullness'],
            );
    }

    /** @return array<string, string> what was promised and nobody has done yet, by its key */
    public function promises(UnitSystem $units): array
    {
        return array_map(
            static fn(array $words): string => $words[$units->value] ?? '',
            array_column($this->promises, 'words', 'key'),
        );
    }

    public function load(\DateTimeImmutable $now): void
    {
        $this->loaded ??= $now;
    }

    /** Off its frame and in its bag. */
    public function finish(\DateTimeImmutable $now): void
    {
        $this->loaded = null;
        $this->finished = $now;
    }

    /** On the shelf again, to go on a frame once more. */
    public function shelve(): void
    {
        $this->finished = null;
    }

    /** Off the shelf, though nobody finished it: it was fetched as it came, or will not be done. */
    public function archive(\DateTimeImmutable $now): void
    {
        $this->archived = $now;
        $this->finished ??= $now;
    }

    public function unarchive(): void
    {
        $this->finished = $this->finished == $this->archived ? null : $this->finished;
        $this->archived = null;
    }

    public function isArchived(): bool
    {
        return null !== $this->archived;
    }

    public function delete(\DateTimeImmutable $now): void
    {
        $this->deleted = $now;
    }

    public function restore(): void
    {
        $this->deleted = null;
    }

    public function deletedSince(): ?\DateTimeImmutable
    {
        return $this->deleted;
    }

    public function isFinished(): bool
    {
        return null !== $this->finished;
    }

    public function isLoaded(): bool
    {
        return null !== $this->loaded;
    }

    public function count(int $year, int $number): void
    {
        [$this->numberYear, $this->number] = [$year, $number];
    }

    /** "26-014": the fourteenth of its year. */
    public function number(): string
    {
        return \sprintf('%02d-%03d', $this->numberYear % 100, $this->number);
    }

    /** Whether it is a load of several that are quilts of their own. */
    public function carriesOthers(): bool
    {
        return str_starts_with($this->entryKey, self::GANG);
    }

    public function rideIn(self $carrier, Length $station): void
    {
        [$this->carrier, $this->carriedAt] = [$carrier, $station->nanometres];
    }

    /** On the shelf by itself again. */
    public function rideAlone(): void
    {
        [$this->carrier, $this->carriedAt] = [null, null];
    }

    public function carrier(): ?self
    {
        return $this->carrier;
    }

    /** Where its middle lies, from the middle of the row of tops that are loaded together. */
    public function carriedAt(): ?Length
    {
        return null === $this->carriedAt ? null : Length::ofNanometres($this->carriedAt);
    }

    public function title(): string
    {
        return $this->title;
    }

    public function client(): string
    {
        return $this->client;
    }

    public function belongTo(Client $client): void
    {
        $this->whose = $client;
        $this->nameClient($client->name());
    }

    public function whose(): ?Client
    {
        return $this->whose;
    }

    public function due(): ?\DateTimeImmutable
    {
        return $this->due;
    }

    public function frame(): ?StudioFrame
    {
        return $this->frame;
    }

    public function isOutdated(): bool
    {
        return $this->outdated;
    }

    public function standing(): Standing
    {
        return $this->standing;
    }

    public function revision(): ?Revision
    {
        return $this->revision;
    }

    public function sheet(): Sheet
    {
        return $this->revision?->sheet() ?? Sheet::blank();
    }

    public function verdict(UnitSystem $units): string
    {
        return UnitSystem::Inches === $units ? $this->verdictIn : $this->verdictCm;
    }

    private function nameClient(string $client): void
    {
        $this->client = $client;
        $this->clientSought = Sought::in($client);
    }
}
