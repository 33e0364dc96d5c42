<?php

declare(strict_types=1);

namespace Schwung\Core\Preparation;

use Schwung\Core\Frame\HoldingSystem;
use Schwung\Core\Job\Pin;
use Schwung\Core\Measure\Figure;
use Schwung\Core\Measure\Phrase;

/** Everything that is decided of a quilt as it stands, and which of its pins that does not keep. */
final readonly class DecisionRule
{
    /** @return array<string, Decision> by key; promises first, in the order of the work */
    public function decisions(Preparation $preparation): array
    {
        $decisions = [];
        foreach (
            [
                ...$preparation->promises(),
                ...$this->way($preparation),
                ...$this->holds($preparation),
                ...$this->design($preparation),
                ...$this->load($preparation),
            ]
            as $decision
        ) {
            $decisions[$decision->key] = $decision;
        }

        return $decisions;
    }

    /**
     * @param list<Pin> $pins
     *
     * @return list<BrokenPin>
     */
    public function broken(Preparation $preparation, array $pins): array
    {
        $broken = [];
        $decisions = [] === $pins ? [] : $preparation->decisions();
        foreach ($pins as $pin) {
            $kind = PinKind::of($pin->key);
            $now = $decisions[$pin->key] ?? null;
            if (null !== $kind && $pin->words !== $now?->words()) {
                $broken[] = new BrokenPin($pin, $kind, $now);
            }
        }

        return $broken;
    }

    /** @return list<Decision> */
    private function way(Preparation $preparation): array
    {
        $plan = $preparation->kept();

        return null === $plan
            ? []
            : [
                new Decision(
                    'way',
                    PinKind::Way,
                    Phrase::of(
                        'The quilt lies %s: its %s edge leads.',
                        $plan->chosen()->words(),
                        $preparation->leads()->value,
                    ),
                ),
            ];
    }

    /** @return list<Decision> */
    private function holds(Preparation $preparation): array
    {
        $load = $preparation->known->parts->load;

        return null === $load
            ? []
            : [
                $this->hold('lead', 'The lead', $load->lead),
                $this->hold('tail', 'The tail', $load->tail),
                $this->hold('top', 'The top', $load->top),
            ];
    }

    private function hold(string $edge, string $what, HoldingSystem $system): Decision
    {
        return new Decision("hold/$edge", PinKind::Hold, Phrase::of("$what is held by %s.", $system->words()));
    }

    /** @return list<Decision> */
    private function design(Preparation $preparation): array
    {
        $rows = $preparation->winding()?->rows;

        return null === $rows
            ? []
            : [
                new Decision(
                    'design',
                    PinKind::Design,
                    Phrase::of(
                        'Rows of %s, a gap of %s between them.',
                        Figure::measured($rows->height),
                        Figure::measured($rows->gap),
                    ),
                ),
            ];
    }

    /** @return list<Decision> */
    private function load(Preparation $preparation): array
    {
        $plan = $preparation->kept();
        $required = $plan?->chosenPlan()->backing->required;

        return null === $plan || null === $required
            ? []
            : [
                new Decision(
                    'load',
                    PinKind::Load,
                    Phrase::of(
                        'It lies %s over a backing of at least %s × %s, lead held by %s, tail by %s.',
                        $plan->chosen()->words(),
                        $required->across->figure,
                        $required->along->figure,
                        $plan->job->load->lead->words(),
                        $plan->job->load->tail->words(),
                    ),
                ),
            ];
    }
}
