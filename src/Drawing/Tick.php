<?php

declare(strict_types=1);

namespace App\Drawing;

/** A mark on a ruler at a place in millimetres; only the longer ones are labelled. */
final readonly class Tick
{
    public function __construct(public float $at, public ?string $label) {}
}
