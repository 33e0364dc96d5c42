<?php

declare(strict_types=1);

namespace Schwung\Core\Tension;

/**
 * Finds the one test that best separates the first two causes: the own test of the likelier, for no two causes have the
 * same.
 */
final readonly class TestRule
{
    public function __construct(private DiagnosisRule $rule) {}

    /** @param non-empty-list<Likely> $ranked */
    public function best(TensionCase $case, array $ranked): SeparatingTest
    {
        // What nothing speaks for is no cause to be tested.
        $first = DiagnosisRule::named($ranked, 1)[0];

        return new SeparatingTest(
            $first->entry->test,
            $first->entry->ifSo,
            $first->entry->ifNot,
            $first->cause(),
            $this->rule->leader($case->tested($first->cause(), true)),
            $this->rule->leader($case->tested($first->cause(), false)),
        );
    }
}
