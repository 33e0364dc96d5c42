<?php

declare(strict_types=1);

namespace App\Tension;

use Schwung\Core\Tension\CauseEntry;
use Schwung\Core\Tension\Layer;
use Schwung\Core\Tension\Sighting;
use Schwung\Core\Tension\Symptom;
use Schwung\Core\Tension\Zone;

/** A problem as it was written down, with the load on which it was seen. */
final readonly class LoggedProblem
{
    /**
     * @param string      $key   of its entry in the log
     * @param string|null $frame id; null where the quilt is on none any more
     * @param float|null  $x     right of the rail's centre mark, in millimetres; null where no place was told
     * @param float|null  $y     from the quilt's lead edge, the same
     * @param CauseEntry|null $cause against which a remedy helped
     */
    public function __construct(
        public string $key,
        public string $run,
        public string $quilt,
        public string $title,
        public ?string $frame,
        public \DateTimeImmutable $at,
        public Symptom $symptom,
        public Layer $layer,
        public ?float $x,
        public ?float $y,
        public string $action,
        public ?CauseEntry $cause = null,
    ) {}

    public function hasPlace(): bool
    {
        return null !== $this->x && null !== $this->y;
    }

    public function zone(): Zone
    {
        return Zone::onRail($this->x ?? 0.0);
    }

    public function season(): string
    {
        return match (intdiv((int) $this->at->format('n') % 12, 3)) {
            0 => 'winter',
            1 => 'spring',
            2 => 'summer',
            default => 'autumn',
        };
    }

    public function sighting(): Sighting
    {
        return new Sighting($this->run, $this->symptom, $this->zone());
    }
}
