<?php

declare(strict_types=1);

namespace App\Bench\When;

use App\Bench\WallClock;
use Schwung\Core\Queue\Estimate;
use Schwung\Core\Queue\Promise;

/** The two days that can be promised, or why none can. */
final readonly class WhenAnswer
{
    public function __construct(
        public string $why,
        public string $frame = '',
        public ?WallClock $clock = null,
        public ?Promise $promise = null,
        public ?Estimate $estimate = null,
        public ?int $passes = null,
    ) {}

    public static function no(string $why): self
    {
        return new self($why);
    }
}
