<?php

declare(strict_types=1);

namespace Schwung\Core\Measure;

/** One input of a worked value: its name, its amount, and where it comes from ("measured", "4 in all round"). */
final readonly class Term
{
    public function __construct(public string $name, public Figure $amount, public string $source) {}
}
