<?php

declare(strict_types=1);

namespace Schwung\Core\Measure;

/** A text with figures that was written in each unit system once, and is read again as it was. */
final readonly class Written
{
    /** @param array<string, string> $texts by the words of UnitSystem */
    public function __construct(private array $texts) {}

    public function writtenBy(LengthWriter $writer): string
    {
        return $this->texts[$writer->units->value] ?? '';
    }
}
