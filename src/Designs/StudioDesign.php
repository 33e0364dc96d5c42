<?php

declare(strict_types=1);

namespace App\Designs;

use App\Account\Studio;
use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use Schwung\Core\Design\Exception\UnusableDesign;
use Schwung\Core\Design\StitchPath;
use Symfony\Bridge\Doctrine\Types\UlidType;
use Symfony\Component\Uid\Ulid;

/** A row design of a studio. Only the measured stitch path is kept, never the file that was sent. */
#[ORM\Entity(repositoryClass: StudioDesignRepository::class)]
class StudioDesign
{
    #[ORM\Id, ORM\Column(type: UlidType::NAME)]
    private Ulid $id;

    /** The d attribute of the path, in millimetres. */
    #[ORM\Column(type: Types::TEXT, length: 4_294_967_295)]
    private string $path;

    public function __construct(
        #[ORM\ManyToOne, ORM\JoinColumn(nullable: false)] public readonly Studio $studio,
        #[ORM\Column(length: 80)] public readonly string $name,
        StitchPath $path,
    ) {
        $this->id = new Ulid();
        $this->path = $path->toPathData();
    }

    public function id(): Ulid
    {
        return $this->id;
    }

    /** The d attribute of an SVG path, in millimetres. */
    public function pathData(): string
    {
        return $this->path;
    }

    /** Null where what is stored cannot be read any more. */
    public function path(): ?StitchPath
    {
        try {
            return StitchPath::fromPathData($this->path);
        } catch (UnusableDesign) {
            return null;
        }
    }
}
