<?php

declare(strict_types=1);

namespace App\Shelf\Thread;

use App\Account\Studio;
use App\Clients\Client;
use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use Schwung\Core\Material\ThreadWeight;
use Schwung\Core\Measure\Length;
use Symfony\Bridge\Doctrine\Types\UlidType;
use Symfony\Component\Uid\Ulid;

/** A cone of thread: its colour, its weight, and how much of it is left. */
#[ORM\Entity(repositoryClass: ShelfThreadRepository::class)]
#[ORM\Table(name: 'shelf_thread')]
#[ORM\Index(name: 'shelf_thread_here', columns: ['studio_id', 'gone'])]
#[ORM\UniqueConstraint(name: 'shelf_thread_entry', columns: ['studio_id', 'entry_key'])]
class ShelfThread
{
    #[ORM\Id, ORM\Column(type: UlidType::NAME)]
    private Ulid $id;

    #[ORM\Version, ORM\Column(type: Types::INTEGER, options: ['default' => 1])]
    private int $version = 1;

    #[ORM\Column(length: 80)]
    private string $colour = '';

    /** "#8fa3b0", to lay it on cloth on the page. */
    #[ORM\Column(length: 7)]
    private string $swatch = '#808080';

    #[ORM\Column]
    private float $tex = ThreadWeight::USUAL_TEX;

    /** In millimetres, when it was new: what a full cone looks like. */
    #[ORM\Column(type: Types::BIGINT)]
    private int $fullMm = 0;

    #[ORM\Column(type: Types::BIGINT)]
    private int $leftMm = 0;

    #[ORM\ManyToOne, ORM\JoinColumn(onDelete: 'CASCADE')]
    private ?Client $client = null;

    #[ORM\Column(nullable: true)]
    private ?\DateTimeImmutable $gone = null;

    public function __construct(
        #[ORM\ManyToOne, ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')] public readonly Studio $studio,
        #[ORM\Column(length: 40, options: ['collation' => 'utf8mb4_bin'])] public readonly string $entryKey,
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

    public function describe(ThreadInput $input): void
    {
        [$this->colour, $this->swatch, $this->client] = [trim($input->colour), $input->swatch, $input->client];
        $this->tex = $input->weight()->tex ?? $this->tex;
        $this->leftMm = (int) round($input->left()?->toMillimetres() ?? 0);
        $this->fullMm = max($this->fullMm, $this->leftMm);
        $this->gone = null;
    }

    /** What a quilt took; a cone cannot have less than nothing. */
    public function use(Length $length): void
    {
        $this->leftMm = max(0, $this->leftMm - (int) round($length->toMillimetres()));
    }

    public function leave(\DateTimeImmutable $now): void
    {
        $this->gone ??= $now;
    }

    public function colour(): string
    {
        return $this->colour;
    }

    public function swatch(): string
    {
        return $this->swatch;
    }

    public function weight(): ThreadWeight
    {
        return ThreadWeight::ofTex($this->tex) ?? throw new \LogicException('A cone was kept without a weight.');
    }

    public function left(): Length
    {
        return Length::millimetres($this->leftMm);
    }

    /** From 0 to 1. */
    public function share(): float
    {
        return 0 === $this->fullMm ? 0.0 : $this->leftMm / $this->fullMm;
    }

    public function client(): ?Client
    {
        return $this->client;
    }

    public function gone(): ?\DateTimeImmutable
    {
        return $this->gone;
    }
}
