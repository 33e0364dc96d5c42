<?php

declare(strict_types=1);

namespace Schwung\Core\Advance;

use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\Phrase;

/** The passes of one way round, in order; where one cannot be made, those before it and the reason. */
final readonly class PassPlan
{
    /** @param list<Pass> $passes */
    private function __construct(public array $passes, public ?Phrase $obstacle) {}

    /** @param list<Step> $steps in order */
    public static function of(Roll $roll, array $steps, ?Phrase $obstacle = null): self
    {
        $passes = [];
        foreach ($steps as $i => $step) {
            $next = $steps[$i + 1] ?? null;
            $passes[] = new Pass(
                roll: $roll,
                number: $i + 1,
                wound: Length::millimetres($step->wound),
                from: Length::millimetres($step->from),
                to: Length::millimetres($step->to),
                rows: $step->rows,
                advance: null === $next ? null : Length::millimetres($next->wound - $step->wound),
                turns: null === $next ? null : $roll->turns($next->wound) - $roll->turns($step->wound),
                clicks: null === $next ? null : self::clicks($roll, $step->wound, $next->wound),
            );
        }

        return new self($passes, $obstacle);
    }

    /** Rounded on the running total, so that what one advance leaves over goes into the next. */
    private static function clicks(Roll $roll, float $from, float $to): ?int
    {
        $before = $roll->clicks($from);
        $after = $roll->clicks($to);

        return null === $before || null === $after ? null : $after - $before;
    }

    public function isComplete(): bool
    {
        return null === $this->obstacle;
    }

    public function count(): int
    {
        return \count($this->passes);
    }

    public function last(): ?Pass
    {
        return [] === $this->passes ? null : $this->passes[\count($this->passes) - 1];
    }

    /** The first pass whose roll no longer goes under the arm. */
    public function firstTooThick(): ?Pass
    {
        foreach ($this->passes as $pass) {
            if (!$pass->isUnderArm()) {
                return $pass;
            }
        }

        return null;
    }

    public function works(): bool
    {
        return $this->isComplete() && null === $this->firstTooThick();
    }
}
