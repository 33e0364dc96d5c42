<?php

declare(strict_types=1);

namespace Schwung\Core\Tension;

/**
 * Chooses the few things most worth looking for next: those whose answer is expected to leave the least doubt, by the
 * entropy of the chances (Shannon). How often a cause shows a symptom is taken from its strength.
 */
final readonly class QuestionRule
{
    /** How often a symptom of each strength shows. */
    private const SHOWS = [0 => 0.05, 1 => 0.3, 2 => 0.6, 3 => 0.9];

    public function __construct(private DiagnosisRule $rule)
    {
    }

    /** @return list<Symptom> the most telling first; none that would tell nothing */
    public function most(TensionCase $case, int $count): array
    {
        $ranked = $this->rule->rank($case);
        $doubt = $this->entropy($ranked);
        $gains = [];
        foreach (Symptom::cases() as $symptom) {
            if ($case->isOpen($symptom)) {
                $yes = array_sum(array_map(static fn (Likely $likely): float => $likely->chance * self::SHOWS[max(0, min(3, $likely->entry->strength($symptom)))], $ranked));
                $gain = $doubt - $yes * $this->entropy($this->rule->rank($case->with($symptom, true))) - (1 - $yes) * $this->entropy($this->rule->rank($case->with($symptom, false)));
                $gains[$symptom->value] = $gain;
            }
        }
        arsort($gains);
        $telling = array_filter($gains, static fn (float $gain): bool => $gain > 0.01);

        return array_map(Symptom::from(...), array_keys(\array_slice($telling, 0, $count)));
    }

    /** @param list<Likely> $ranked */
    private function entropy(array $ranked): float
    {
        return -array_sum(array_map(static fn (Likely $likely): float => $likely->chance * log(max(1e-12, $likely->chance)), $ranked));
    }
}
