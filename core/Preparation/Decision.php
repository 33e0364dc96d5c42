<?php

declare(strict_types=1);

namespace Schwung\Core\Preparation;

use Schwung\Core\Measure\LengthWriter;
use Schwung\Core\Measure\Phrase;
use Schwung\Core\Measure\UnitSystem;

/** Something that is decided of a quilt as it stands now, and can be pinned. */
final readonly class Decision
{
    /** @param string $key begins with the word of its kind */
    public function __construct(public string $key, public PinKind $kind, public Phrase $text) {}

    /** @return array<string, string> as a pin keeps them, by the words of UnitSystem */
    public function words(): array
    {
        $words = [];
        foreach (UnitSystem::cases() as $units) {
            $words[$units->value] = $this->text->writtenBy(new LengthWriter($units));
        }

        return $words;
    }
}
