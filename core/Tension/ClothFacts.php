<?php

declare(strict_types=1);

namespace Schwung\Core\Tension;

use Schwung\Core\Material\BackingKind;
use Schwung\Core\Material\BattingKind;
use Schwung\Core\Material\Stretch;
use Schwung\Core\Measure\Length;

/** What is known of the cloth. Null is what nobody knows. Made with named arguments. */
final readonly class ClothFacts
{
    /**
     * @param Stretch|null $stretch of the backing as it is loaded: along is from roller to roller
     * @param list<Length>|null $quiltSize across and along, as loaded
     * @param bool|null $seamOnCentre a seam of the backing lies at the centre of the leaders
     */
    public function __construct(
        public ?BackingKind $backingKind = null,
        public ?BattingKind $battingKind = null,
        public ?float $battingRestHours = null,
        public ?Stretch $stretch = null,
        public ?SeamLie $seam = null,
        public ?bool $backingSquared = null,
        public ?float $fullnessPercent = null,
        public ?array $quiltSize = null,
        public ?bool $seamOnCentre = null,
    ) {}
}
