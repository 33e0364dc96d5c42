<?php

declare(strict_types=1);

namespace Schwung\Core\Advance;

/** One pass while it is planned, in millimetres: what is wound on before it, and where it begins and ends. */
final readonly class Step
{
    public function __construct(public float $wound, public float $from, public float $to, public ?int $rows = null) {}

    /** As it was planned. */
    public static function of(Pass $pass): self
    {
        return new self(
            $pass->wound->toMillimetres(),
            $pass->from->toMillimetres(),
            $pass->to->toMillimetres(),
            $pass->rows,
        );
    }
}
