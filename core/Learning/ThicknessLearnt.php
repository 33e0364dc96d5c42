<?php

declare(strict_types=1);

namespace Schwung\Core\Learning;

/**
 * Rule 19, later: how thick a kind of sandwich really lies on a roll, as a part of what is assumed of it. Each load
 * moves it by a fifth of the way to what was read, between a half and two.
 */
final readonly class ThicknessLearnt
{
    private const LEAST = 0.5;
    private const MOST = 2.0;
    private const KEPT = 0.8;

    /** @param int $loads that it rests on */
    private function __construct(public float $factor = 1.0, public int $loads = 0) {}

    /** @param list<float> $factors what each load's readings gave, of the thickness that nothing was learnt for; oldest first */
    public static function of(array $factors): self
    {
        $learnt = new self();
        foreach ($factors as $factor) {
            $learnt = $learnt->taught($factor);
        }

        return $learnt;
    }

    private function taught(float $seen): self
    {
        return new self(
            max(self::LEAST, min(self::MOST, self::KEPT * $this->factor + (1 - self::KEPT) * $seen)),
            $this->loads + 1,
        );
    }
}
