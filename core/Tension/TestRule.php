<?php

declare(strict_types=1);

namespace Schwung\Core\Tension;

/**
 * Finds the one test that best separates the first two causes: the own test of the likelier, unless both have the same,
 * or a symptom that the one nearly always shows and the other never does is still to be looked for. Where only one cause
 * has anything that speaks for it, its own test is the one.
 */
final readonly class TestRule
{
    public function __construct(private DiagnosisRule $rule) {}

    /** @param non-empty-list<Likely> $ranked */
    public function best(TensionCase $case, array $ranked): SeparatingTest
    {
        // What nothing speaks for is no cause to be separated from.
        $evident = DiagnosisRule::named($ranked, 2);
        $first = $evident[0];
        $symptom = isset($evident[1]) ? $this->telling($case, $first, $evident[1]) : null;
        if (null !== $symptom) {
            return new SeparatingTest(
                'Look: ' . $symptom->words() . '?',
                'Yes, it is so',
                'No',
                null,
                $symptom,
                $this->rule->leader($case->with($symptom, true)),
                $this->rule->leader($case->with($symptom, false)),
            );
        }

        return new SeparatingTest(
            $first->entry->test,
            $first->entry->ifSo,
            $first->entry->ifNot,
            $first->cause(),
            null,
            $this->rule->leader($case->tested($first->cause(), true)),
            $this->rule->leader($case->tested($first->cause(), false)),
        );
    }

    /** A symptom that separates better than either test, where both have the same test. */
    private function telling(TensionCase $case, Likely $first, Likely $second): ?Symptom
    {
        if ($first->entry->test !== $second->entry->test) {
            return null;
        }
        $best = null;
        foreach (Symptom::cases() as $symptom) {
            $apart = abs($first->entry->strength($symptom) - $second->entry->strength($symptom));
            if ($case->isOpen($symptom) && $apart > 1 && $apart > ($best[0] ?? 0)) {
                $best = [$apart, $symptom];
            }
        }

        return $best[1] ?? null;
    }
}
