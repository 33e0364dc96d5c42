<?php

declare(strict_types=1);

namespace Schwung\Core\Tension;

use Schwung\Core\Material\BattingKind;
use Schwung\Core\Measure\Length;

/** What is known of a quilt and its load beside the fault that is seen. */
final readonly class Circumstances
{
    /** From so many loads on a leader should have been looked at. */
    public const MANY_LOADS = 20;
    /** A rail beyond this is long. */
    public const LONG_RAIL_INCHES = 120;
    /** From here on a quilt takes so many turns that what adds up on a roll is seen. */
    private const LONG_INCHES = 80;

    public function __construct(
        public ClothFacts $cloth = new ClothFacts(),
        public HoldFacts $hold = new HoldFacts(),
        public TopFacts $top = new TopFacts(),
        public FrameFacts $frame = new FrameFacts(),
        public SeenFacts $seen = new SeenFacts(),
    ) {}

    public function isOver(int $inches): ?bool
    {
        return null === $this->cloth->quiltSize
            ? null
            : Length::longest(...$this->cloth->quiltSize)->isLongerThan(Length::inches($inches));
    }

    /** Long from roller to roller. */
    public function isLong(): ?bool
    {
        return isset($this->cloth->quiltSize[1])
            ? $this->cloth->quiltSize[1]->isLongerThan(Length::inches(self::LONG_INCHES))
            : null;
    }

    public function isHeavy(): ?bool
    {
        return null === $this->cloth->quiltSize || null === $this->cloth->battingKind
            ? null
            : \in_array($this->cloth->battingKind, [BattingKind::Wool, BattingKind::Polyester], true) &&
                    Length::shortest(...$this->cloth->quiltSize)->isLongerThan(Length::inches(self::LONG_INCHES));
    }
}
