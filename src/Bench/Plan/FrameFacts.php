<?php

declare(strict_types=1);

namespace App\Bench\Plan;

use Schwung\Core\Measure\UnitSystem;
use Schwung\Core\Queue\Workload;

/** How a quilt would do on one frame. */
final readonly class FrameFacts
{
    /**
     * @param bool                  $fits     whether it can be loaded there
     * @param array<string, string> $sentence by the words of UnitSystem
     * @param int|null              $passes   null while they cannot be worked out
     * @param float                 $across   of the top along the rails, in millimetres
     * @param array{float, float}   $short    what is missing across and along, in millimetres
     */
    public function __construct(
        public bool $fits,
        public array $sentence,
        public ?int $passes,
        public float $across,
        public float $along,
        public array $short,
        public Workload $work,
    ) {}

    public function words(UnitSystem $units): string
    {
        return $this->sentence[$units->value] ?? '';
    }
}
