<?php

declare(strict_types=1);

namespace Schwung\Core\Tension\Bed;

use Schwung\Core\Tension\Symptom;

/** How a bed lies, and what its setup will have done to the quilt once that is off the frame. */
final readonly class Bed
{
    /**
     * @param list<Sag>    $sags    from the left side to the right
     * @param list<Effect> $effects what there is to see, on the frame and after it; smaller ones too
     * @param float        $drag    the way of the diagonal pull: below zero from the top left, above from the top right
     * @param float        $bend    curvature of the finished edges, per millimetre; above zero they curl to the back
     */
    public function __construct(
        public BedSetup $setup,
        public array $sags,
        public array $effects,
        public float $drag,
        public float $bend,
    ) {}

    /** @return list<Symptom> what is there to be seen, each once */
    public function symptoms(): array
    {
        $symptoms = [];
        foreach ($this->effects as $effect) {
            if (null !== $effect->symptom) {
                $symptoms[$effect->symptom->value] = $effect->symptom;
            }
        }

        return array_values($symptoms);
    }

    public function shows(Symptom $symptom): bool
    {
        return \in_array($symptom, $this->symptoms(), true);
    }

    /** Null where no effect is of this symptom. */
    public function of(Symptom $symptom): ?Effect
    {
        return array_values(
            array_filter($this->effects, static fn(Effect $effect): bool => $effect->symptom === $symptom),
        )[0] ?? null;
    }
}
