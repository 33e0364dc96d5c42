<?php

declare(strict_types=1);

namespace Schwung\Core\Loading;

/**
 * Collects steps in order and keeps the state of frame and cloth beside them, so that each is proved to be reached in
 * the state that it needs, and to be something that hands can do.
 */
final class Sequence
{
    /** @var list<Step> */
    private array $steps = [];
    private FrameState $state;
    private ClothState $cloth;

    public function __construct(private readonly FrameState $start, private readonly ClothState $bare)
    {
        $this->state = $start;
        $this->cloth = $bare;
    }

    /** @throws \LogicException if the frame does not stand as the step needs it: a fault of the generator */
    public function add(Step ...$steps): void
    {
        foreach ($steps as $step) {
            foreach ($this->state->unmet($step->needs) as $need) {
                throw new \LogicException(
                    \sprintf(
                        'Step "%s" needs the %s to be "%s", and it is "%s".',
                        $step->key,
                        $need->part->value,
                        $need->value,
                        $this->state->at($need->part),
                    ),
                );
            }
            $this->steps[] = $step;
            $this->state = $this->state->with($step->leaves);
            try {
                $this->cloth = null === $step->does ? $this->cloth : ($step->does)($this->cloth);
            } catch (\LogicException $impossible) {
                throw new \LogicException("Step \"$step->key\": {$impossible->getMessage()}", previous: $impossible);
            }
        }
    }

    public function state(): FrameState
    {
        return $this->state;
    }

    public function cloth(): ClothState
    {
        return $this->cloth;
    }

    public function is(StatePart $part, string $value): bool
    {
        return $this->state->at($part) === $value;
    }

    public function list(): StepList
    {
        return new StepList($this->start, $this->steps, $this->bare);
    }
}
