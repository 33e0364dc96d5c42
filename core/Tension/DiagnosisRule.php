<?php

declare(strict_types=1);

namespace Schwung\Core\Tension;

/**
 * Ranks causes by what is seen (everyday knowledge of the trade): each observed symptom adds its strength, each strong one
 * that was looked for and is absent takes half of its away, circumstances add and take. The chance of a cause is the
 * exponential of its score over the sum of all. A symptom that a cause does not explain costs it nothing: two faults can be
 * there at once. Circumstances speak for a cause only where it explains something that is seen.
 */
final readonly class DiagnosisRule
{
    /** How much one confirmed case of the studio's own weighs; the tenth weighs far less than the first. */
    private const CONFIRMED = 0.3;

    /** What a cause's own test weighs: more than all else that can speak for it, for it was made for this cause. */
    public const TESTED = 12.0;

    /** @param array<string, int> $confirmed how often the studio has confirmed each cause, by its word */
    public function __construct(private Knowledge $knowledge, private array $confirmed = [])
    {
    }

    /** @return non-empty-list<Likely> every cause, the likeliest first; equals in the order of the knowledge */
    public function rank(TensionCase $case): array
    {
        $scores = array_map(fn (CauseEntry $entry): float => $this->score($entry, $case), $this->knowledge->entries);
        $sum = array_sum(array_map(exp(...), $scores));
        $ranked = array_map(fn (CauseEntry $entry, float $score): Likely => new Likely($entry, $score, exp($score) / $sum, $this->for($entry, $case), $this->against($entry, $case)), $this->knowledge->entries, $scores);
        usort($ranked, static fn (Likely $one, Likely $other): int => $other->score <=> $one->score);
        \assert([] !== $ranked);

        return $ranked;
    }

    /**
     * What is seen and none of these causes explains.
     *
     * @param list<Likely> $causes
     *
     * @return list<Symptom>
     */
    public function unexplained(TensionCase $case, array $causes): array
    {
        return array_values(array_filter($case->seen, static fn (Symptom $symptom): bool => [] === array_filter($causes, static fn (Likely $likely): bool => $likely->explains($symptom))));
    }

    private function score(CauseEntry $entry, TensionCase $case): float
    {
        $score = $entry->prior + self::CONFIRMED * log(1 + ($this->confirmed[$entry->cause->value] ?? 0));
        foreach ($case->seen as $symptom) {
            $score += $entry->strength($symptom);
        }
        foreach ($case->absent as $symptom) {
            $score -= $entry->strength($symptom) > 1 ? $entry->strength($symptom) / 2 : 0;
        }
        $score += self::TESTED * (\in_array($entry->cause, $case->proved, true) <=> \in_array($entry->cause, $case->refuted, true));
        foreach ($entry->hints as $hint) {
            $score += $hint->holdsIn($case->circumstances) && ($hint->weight < 0 || $this->speaksTo($entry, $case)) ? $hint->weight : 0;
        }

        return $score;
    }

    /** What only could be, and explains nothing that is seen, is not made likelier by it. */
    private function speaksTo(CauseEntry $entry, TensionCase $case): bool
    {
        return [] === $case->seen || [] !== array_filter($case->seen, static fn (Symptom $symptom): bool => $entry->strength($symptom) > 0);
    }

    /** @return list<string> */
    private function for(CauseEntry $entry, TensionCase $case): array
    {
        $seen = array_filter($case->seen, static fn (Symptom $symptom): bool => $entry->strength($symptom) > 0);
        usort($seen, static fn (Symptom $one, Symptom $other): int => $entry->strength($other) <=> $entry->strength($one));
        $confirmed = $this->confirmed[$entry->cause->value] ?? 0;

        return [
            ...(\in_array($entry->cause, $case->proved, true) ? ['its test says so'] : []),
            ...array_map(static fn (Symptom $symptom): string => $symptom->words().match ($entry->strength($symptom)) {
                3 => ': nearly always so',
                2 => ': often so',
                default => ': sometimes so',
            }, $seen),
            ...$this->hints($entry, $case, static fn (Hint $hint): bool => $hint->weight > 0),
            ...(0 === $confirmed ? [] : [1 === $confirmed ? 'it was the cause here once before' : "it was the cause here $confirmed times before"]),
        ];
    }

    /** @return list<string> */
    private function against(CauseEntry $entry, TensionCase $case): array
    {
        $missing = array_filter($case->absent, static fn (Symptom $symptom): bool => $entry->strength($symptom) > 1);

        return [
            ...(\in_array($entry->cause, $case->refuted, true) ? ['its test says no'] : []),
            ...array_values(array_map(static fn (Symptom $symptom): string => 'not seen: '.$symptom->words(), $missing)),
            ...$this->hints($entry, $case, static fn (Hint $hint): bool => $hint->weight < 0),
        ];
    }

    /**
     * @param \Closure(Hint): bool $which
     *
     * @return list<string>
     */
    private function hints(CauseEntry $entry, TensionCase $case, \Closure $which): array
    {
        $hints = array_filter($entry->hints, static fn (Hint $hint): bool => $which($hint) && $hint->holdsIn($case->circumstances));

        return array_values(array_map(static fn (Hint $hint): string => $hint->says, $hints));
    }
}
