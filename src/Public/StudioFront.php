<?php

declare(strict_types=1);

namespace App\Public;

use App\Account\Studio;
use App\Clients\Prep\PrepTexts;
use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;

/** What a studio shows to people without an account. All of it is off until the owner turns it on. */
#[ORM\Entity(repositoryClass: StudioFrontRepository::class)]
#[ORM\UniqueConstraint(name: 'studio_front_word', columns: ['word'])]
class StudioFront
{
    /** By this its calculator is found: /bring/word; null while it never was on. */
    #[ORM\Column(length: 40, nullable: true, options: ['collation' => 'utf8mb4_bin'])]
    private ?string $word = null;

    #[ORM\Column]
    private bool $calculates = false;

    /** Whether clients may send measures, photos and messages by the link to their quilt. */
    #[ORM\Column]
    private bool $listens = false;

    /** @var array<string, string> own words of the prep card by place */
    #[ORM\Column(type: Types::JSON)]
    private array $texts = [];

    public function __construct(
        #[ORM\Id, ORM\OneToOne, ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')] public readonly Studio $studio,
    ) {}

    public function word(): ?string
    {
        return $this->word;
    }

    public function calculates(): bool
    {
        return $this->calculates && null !== $this->word;
    }

    public function listens(): bool
    {
        return $this->listens;
    }

    public function texts(): PrepTexts
    {
        return new PrepTexts($this->texts);
    }

    public function open(FrontInput $input): void
    {
        $this->word = '' === trim($input->word) ? null : mb_strtolower(trim($input->word));
        $this->calculates = $input->calculates;
        $this->listens = $input->listens;
    }

    /** @param array<string, string> $texts by place; those that say the usual are not kept */
    public function say(array $texts): void
    {
        $this->texts = [];
        foreach (PrepTexts::USUAL as $place => [, $usual]) {
            $text = trim($texts[$place] ?? '');
            if ('' !== $text && $text !== $usual) {
                $this->texts[$place] = $text;
            }
        }
    }
}
