<?php

declare(strict_types=1);

namespace App\Designs;

use App\Account\Studio;
use Schwung\Core\Design\ShippedDesigns;
use Schwung\Core\Design\StitchPath;
use Symfony\Component\Uid\Ulid;

/**
 * The row designs that a studio can choose from: those that come along and its own, each under a word for the sheet.
 */
final readonly class DesignShelf
{
    public function __construct(private StudioDesignRepository $designs) {}

    /** @return array<string, string> names by word */
    public function names(Studio $studio): array
    {
        return [...(new ShippedDesigns())->names(), ...$this->designs->namesOf($studio)];
    }

    public function find(Studio $studio, string $word): ?StitchPath
    {
        return (new ShippedDesigns())->find($word) ??
            (Ulid::isValid($word) ? $this->designs->findOneOf($studio, new Ulid($word))?->path() : null);
    }
}
