<?php

declare(strict_types=1);

namespace App\Shelf\Batting;

use App\Account\Studio;
use App\Clients\Client;
use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use Schwung\Core\Material\BattingKind;
use Schwung\Core\Measure\Length;
use Schwung\Core\Shelf\Piece;
use Schwung\Core\Shelf\Rest;
use Schwung\Core\Shelf\RestRule;
use Schwung\Core\Shelf\Roll;
use Symfony\Bridge\Doctrine\Types\UlidType;
use Symfony\Component\Uid\Ulid;

/**
 * A roll of batting, or a piece, as it lies on the shelf now. Its version goes up with every change, so that two people
 * cannot cut the same cloth.
 */
#[ORM\Entity(repositoryClass: ShelfBattingRepository::class)]
#[ORM\Table(name: 'shelf_batting')]
#[ORM\Index(name: 'shelf_batting_here', columns: ['studio_id', 'gone', 'number'])]
#[ORM\UniqueConstraint(name: 'shelf_batting_number', columns: ['studio_id', 'number'])]
#[ORM\UniqueConstraint(name: 'shelf_batting_entry', columns: ['studio_id', 'entry_key'])]
class ShelfBatting
{
    #[ORM\Id, ORM\Column(type: UlidType::NAME)]
    private Ulid $id;

    #[ORM\Version, ORM\Column(type: Types::INTEGER, options: ['default' => 1])]
    private int $version = 1;

    #[ORM\Column(length: 120)]
    private string $name = '';

    #[ORM\Column(length: 20, enumType: BattingKind::class)]
    private BattingKind $kind = BattingKind::Cotton;

    #[ORM\Column]
    private bool $isRoll = false;

    #[ORM\Column(type: Types::BIGINT)]
    private int $widthNm = 0;

    /** Of a roll what is left of it. */
    #[ORM\Column(type: Types::BIGINT)]
    private int $lengthNm = 0;

    #[ORM\Column(type: Types::BIGINT, nullable: true)]
    private ?int $loftNm = null;

    /** Since when it lies out of its bag; null where nobody knows. */
    #[ORM\Column(nullable: true)]
    private ?\DateTimeImmutable $opened = null;

    /** Whose it is; null where it is the studio's. */
    #[ORM\ManyToOne, ORM\JoinColumn(onDelete: 'CASCADE')]
    private ?Client $client = null;

    /** When it was used up, or left the studio; null while it lies here. */
    #[ORM\Column(nullable: true)]
    private ?\DateTimeImmutable $gone = null;

    /** The cut that left it over; null where it came as it is. */
    #[ORM\ManyToOne(inversedBy: 'rests'), ORM\JoinColumn(onDelete: 'SET NULL')]
    private ?ShelfCut $restOf = null;

    /**
     * @param string $entryKey made when the form was shown, so that a second click keeps no second piece
     * @param int    $number   on its label
     */
    public function __construct(
        #[ORM\ManyToOne, ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')] public readonly Studio $studio,
        #[ORM\Column(length: 40, options: ['collation' => 'utf8mb4_bin'])] public readonly string $entryKey,
        #[ORM\Column] public readonly int $number,
        #[ORM\Column] private \DateTimeImmutable $came,
    ) {
        $this->id = new Ulid();
    }

    public function id(): Ulid
    {
        return $this->id;
    }

    public function version(): int
    {
        return $this->version;
    }

    public function describe(BattingInput $input): void
    {
        [$this->name, $this->kind, $this->isRoll] = [trim($input->name), $input->kind, $input->isRoll];
        [$this->widthNm, $this->lengthNm] = [$input->width->nanometres ?? 0, $input->length->nanometres ?? 0];
        [$this->loftNm, $this->client] = [$input->loft?->nanometres, $input->client];
        $this->opened = $input->opened;
    }

    /** What is left of another when a part was cut out of it. */
    public function isRestOf(ShelfCut $cut, Length $width, Length $length): void
    {
        $from = $cut->batting;
        [$this->kind, $this->loftNm, $this->client] = [$from->kind, $from->loftNm, $from->client];
        [$this->opened, $this->restOf, $this->name] = [$from->opened, $cut, ''];
        [$this->widthNm, $this->lengthNm] = [$width->nanometres, $length->nanometres];
    }

    /** A roll gets shorter; a piece is gone. */
    public function takeOff(?Length $length, \DateTimeImmutable $now): void
    {
        $this->lengthNm -= $length->nanometres ?? 0;
        if (null === $length || $this->lengthNm <= 0) {
            $this->gone = $now;
        }
    }

    /** Takes a cut back: as long as it was before it, and here. */
    public function putBack(?Length $length): void
    {
        $this->lengthNm += $length->nanometres ?? 0;
        $this->gone = null;
    }

    public function leave(\DateTimeImmutable $now): void
    {
        $this->gone ??= $now;
    }

    public function came(): \DateTimeImmutable
    {
        return $this->came;
    }

    public function label(): string
    {
        return self::labelOf($this->isRoll, $this->number);
    }

    public static function labelOf(bool $isRoll, int $number): string
    {
        return ($isRoll ? 'R' : 'P') . $number;
    }

    public function name(): string
    {
        return $this->name;
    }

    public function kind(): BattingKind
    {
        return $this->kind;
    }

    public function isRoll(): bool
    {
        return $this->isRoll;
    }

    public function width(): Length
    {
        return Length::ofNanometres($this->widthNm);
    }

    public function length(): Length
    {
        return Length::ofNanometres($this->lengthNm);
    }

    public function loft(): ?Length
    {
        return null === $this->loftNm ? null : Length::ofNanometres($this->loftNm);
    }

    public function opened(): ?\DateTimeImmutable
    {
        return $this->opened;
    }

    public function client(): ?Client
    {
        return $this->client;
    }

    public function gone(): ?\DateTimeImmutable
    {
        return $this->gone;
    }

    public function restOf(): ?ShelfCut
    {
        return $this->restOf;
    }

    /**
     * What goes back on the shelf when a part is cut out of it.
     *
     * @return list<Rest>
     */
    public function restsOf(Length $over, Length $off): array
    {
        return (new RestRule($this->studio->practice()))->of(
            $this->width(),
            $this->isRoll ? $off : $this->length(),
            $over,
            $off,
        );
    }

    public function forRule(): Roll|Piece
    {
        return $this->isRoll
            ? new Roll((string) $this->id, $this->kind, $this->width(), $this->length(), (string) $this->client?->id())
            : $this->asPiece();
    }

    public function asPiece(): Piece
    {
        return new Piece(
            (string) $this->id,
            $this->kind,
            $this->width(),
            $this->length(),
            (string) $this->client?->id(),
        );
    }
}
