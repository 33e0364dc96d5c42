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

    public function __construct(private DiagnosisRule $rule, private Knowledge $knowledge) {}

    /** @return list<Symptom> the most telling first; none that would tell nothing */
    public function most(TensionCase $case, int $count): array
    {
        $chances = $this->rule->chances($case);
        $doubt = $this->rule->doubt($case);
        $gains = [];
        foreach (Symptom::cases() as $symptom) {
            if ($case->isOpen($symptom)) {
                $yes = 0.0;
                foreach ($chances as $word => $chance) {
                    $yes += $chance * self::SHOWS[max(0, min(3, $this->knowledge->entries[$word]->strength($symptom)))];
                }
                $gains[$symptom->value] =
                    $doubt -
                    $yes * $this->rule->doubt($case->with($symptom, true)) -
                    (1 - $yes) * $this->rule->doubt($case->with($symptom, false));
            }
        }
        arsort($gains);
        $telling = array_filter($gains, static fn(float $gain): bool => $gain > 0.01);

        return array_map(Symptom::from(...), array_keys(\array_slice($telling, 0, $count)));
    }
}
