<?php

declare(strict_types=1);

namespace App\Leaders;

use App\Drawing\Picture;
use Schwung\Core\Leader\LeaderCheck;
use Schwung\Core\Measure\Length;

/**
 * One leader as its page shows it, $half from its centre mark to an end; $faulty is a check that was entered and
 * cannot be read, with the reason.
 */
final readonly class LeaderView
{
    /** A leader is due for a check after so many loads. */
    private const DUE_AFTER = 20;

    public function __construct(
        public StudioLeader $leader,
        public Picture $strip,
        public Length $half,
        public ?LeaderCheck $check,
        public string $entered = '',
        public ?string $fault = null,
    ) {}

    public function isDue(): bool
    {
        return self::isDueOn($this->leader);
    }

    /** So many loads after the last check it is due for another. */
    public static function isDueOn(StudioLeader $leader): bool
    {
        return $leader->loadsSinceInspection() >= self::DUE_AFTER;
    }
}
