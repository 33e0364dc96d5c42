<?php

declare(strict_types=1);

namespace Schwung\Core\Design;

/** The simple row designs that come with the product. */
final readonly class ShippedDesigns
{
    private const NAMES = ['waves' => 'Waves', 'loops' => 'Loops', 'chevrons' => 'Chevrons'];

    /** @return array<string, string> names by key */
    public function names(): array
    {
        return self::NAMES;
    }

    public function find(string $key): ?StitchPath
    {
        if (!isset(self::NAMES[$key])) {
            return null;
        }

        return (new SvgReader())->read((string) file_get_contents(__DIR__ . "/shipped/$key.svg"));
    }
}
