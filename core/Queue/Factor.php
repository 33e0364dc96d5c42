<?php

declare(strict_types=1);

namespace Schwung\Core\Queue;

/**
 * How long one kind of step really takes a studio, as a part of what is estimated, and how far that varies.
 *
 * Rule 18: each finished step moves it by a fifth of the way to what was seen, between 0.3 and 3.
 */
final readonly class Factor
{
    public const LEAST = 0.3;
    public const MOST = 3.0;
    /** Of what a step takes, before anybody has seen how it varies: a third, as everyday estimates do. */
    public const USUAL_SPREAD = 0.33;
    private const KEPT = 0.8;

    /**
     * @param float $spread one standard deviation of what a step takes, as a part of its estimate
     * @param int   $steps  that it rests on
     */
    public function __construct(
        public float $value = 1.0,
        public float $spread = self::USUAL_SPREAD,
        public int $steps = 0,
    ) {}

    /** @param float $expected minutes, more than none */
    public function taught(float $expected, float $real): self
    {
        $seen = $real / $expected;
        $off = max(-self::MOST, min(self::MOST, $seen - $this->value));

        return new self(
            max(self::LEAST, min(self::MOST, self::KEPT * $this->value + (1 - self::KEPT) * $seen)),
            sqrt(self::KEPT * $this->spread ** 2 + (1 - self::KEPT) * $off ** 2),
            $this->steps + 1,
        );
    }
}
