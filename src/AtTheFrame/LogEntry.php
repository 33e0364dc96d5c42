<?php

declare(strict_types=1);

namespace App\AtTheFrame;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use Schwung\Core\Running\EntryKind;
use Schwung\Core\Running\JournalEntry;

/** One line of a run's log. It is only ever added; the key that the device made keeps it from being added twice. */
#[ORM\Entity(repositoryClass: LogEntryRepository::class)]
#[ORM\Index(name: 'log_entry_kind', columns: ['kind', 'run_id'])]
#[ORM\UniqueConstraint(name: 'log_entry_key', columns: ['run_id', 'entry_key'])]
class LogEntry
{
    #[ORM\Id, ORM\GeneratedValue, ORM\Column]
    private int $id; // @phpstan-ignore property.onlyRead (Doctrine writes it)
    /** Keys that differ in case alone are two. */
    #[ORM\Column(length: 36, options: ['collation' => 'utf8mb4_bin'])]
    private string $entryKey;
    #[ORM\Column(length: 16, enumType: EntryKind::class)]
    private EntryKind $kind;
    #[ORM\Column(length: 60, nullable: true)]
    private ?string $step;
    #[ORM\Column(type: Types::BIGINT)]
    private int $atMs;
    #[ORM\Column(length: 120)]
    private string $person;
    /** @var array<string, mixed> */
    #[ORM\Column(type: Types::JSON)]
    private array $data;

    public function __construct(
        #[ORM\ManyToOne, ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')] public readonly Run $run,
        JournalEntry $entry,
        #[ORM\Column] public readonly \DateTimeImmutable $received,
    ) {
        $this->entryKey = $entry->key;
        $this->kind = $entry->kind;
        $this->step = $entry->step;
        $this->atMs = MomentMs::of($entry->at);
        $this->person = $entry->person;
        $this->data = $entry->data;
    }

    public function id(): int
    {
        return $this->id;
    }

    public function entry(): JournalEntry
    {
        return new JournalEntry(
            $this->entryKey,
            $this->kind,
            $this->step,
            MomentMs::toMoment($this->atMs),
            $this->data,
            $this->person,
        );
    }
}
