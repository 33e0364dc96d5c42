<?php

declare(strict_types=1);

namespace Schwung\Core\Job;

/** What is to be stitched; $rows is the design where the style is rows, and null for block work. */
final readonly class Quilting
{
    private function __construct(public ?RowDesign $rows, public bool $isDirectional) {}

    public static function rows(RowDesign $design, bool $isDirectional = false): self
    {
        return new self($design, $isDirectional);
    }

    public static function blocks(bool $isDirectional = false): self
    {
        return new self(null, $isDirectional);
    }

    public function style(): QuiltingStyle
    {
        return null === $this->rows ? QuiltingStyle::Blocks : QuiltingStyle::Rows;
    }
}
