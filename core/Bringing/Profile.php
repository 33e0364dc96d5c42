<?php

declare(strict_types=1);

namespace Schwung\Core\Bringing;

use Schwung\Core\Measure\Length;
use Schwung\Core\Practice\Practice;

/** What a client's quilts have taught of the next one: from three on, since two alike are chance. */
final readonly class Profile
{
    public const LEAST = 3;

    private function __construct(
        public Usual $lackedAcross,
        public Usual $lackedAlong,
        public Usual $lost,
        /** Mean of the fullest edges: 0.01 is one per cent fuller than the middle. */
        public float $fullness,
        public float $fullnessSpread,
        public int $restsOn,
    ) {}

    /**
     * @param list<Brought> $quilts
     *
     * @return self|null null where there are too few to say anything
     */
    public static function of(array $quilts): ?self
    {
        $count = \count($quilts);
        if ($count < self::LEAST) {
            return null;
        }
        [$fullness, $spread] = Usual::ofNumbers(array_column($quilts, 'fullness'));

        return new self(
            Usual::of(array_column($quilts, 'lackedAcross')),
            Usual::of(array_column($quilts, 'lackedAlong')),
            Usual::of(array_column($quilts, 'lost')),
            $fullness,
            $spread,
            $count,
        );
    }

    /** Whether their backings usually lack anything that a tape shows. */
    public function lacks(): bool
    {
        $seen = Length::inches(Practice::SEEN_INCHES);

        return !$this->lackedAcross->mean->isShorterThan($seen) || !$this->lackedAlong->mean->isShorterThan($seen);
    }
}
