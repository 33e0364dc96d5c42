<?php

declare(strict_types=1);

namespace Schwung\Core\Tension;

/**
 * Ranks causes by what is seen (everyday knowledge of the trade): each observed symptom adds its strength, each strong
 * one that was looked for and is absent takes half of its away, circumstances add and take. The chance of a cause is
 * the exponential of its score, made sharper, over the sum of all. A symptom that a cause does not explain costs it
 * nothing: two faults can be there at once. Circumstances speak for a cause only where it explains something that is
 * seen.
 */
final readonly class DiagnosisRule
{
    /** How much one confirmed case of the studio's own weighs; the tenth weighs far less than the first. */
    private const CONFIRMED = 0.12;

    /**
     * How much a point of the score tells: set so that of the known cases, enlarged with noise, those that were not
     * held out were right as often as their chance said (schwung:evaluate).
     */
    private const SHARPNESS = 2.5;

    /** What a cause's own test weighs: more than all else that can speak for it, for it was made for this cause. */
    public const TESTED = 12.0;

    /**
     * @var \WeakMap<Circumstances, array<string, array{float, float}>> what speaks against and for each cause beside
     * what is seen, by its word
     */
    private \WeakMap $weighed;

    /** @param array<string, int> $confirmed how often the studio has confirmed each cause, by its word */
    public function __construct(private Knowledge $knowledge, private array $confirmed = [])
    {
        $this->weighed = new \WeakMap();
    }

    /** @return non-empty-list<Likely> every cause, the likeliest first; equals in the order of the knowledge */
    public function rank(TensionCase $case): array
    {
        $scores = $this->scores($case);
        $ranked = array_map(
            fn(CauseEntry $entry, float $score, float $chance): Likely => new Likely(
                $entry,
                $score,
                $chance,
                $this->for($entry, $case),
                $this->against($entry, $case),
            ),
            $this->knowledge->entries,
            $scores,
            self::shares($scores),
        );
        usort($ranked, static fn(Likely $one, Likely $other): int => $other->score <=> $one->score);
        \assert([] !== $ranked);

        return $ranked;
    }

    /**
     * Those that are named to somebody: the likeliest that something speaks for; of nothing at all the first, whatever
     * it is.
     *
     * @param non-empty-list<Likely> $ranked
     * @param positive-int           $most
     *
     * @return non-empty-list<Likely>
     */
    public static function named(array $ranked, int $most): array
    {
        $evident = array_values(array_filter($ranked, static fn(Likely $likely): bool => $likely->hasEvidence()));

        return [] === $evident ? [$ranked[0]] : \array_slice($evident, 0, $most);
    }

    /** The likeliest cause, without the reasons. */
    public function leader(TensionCase $case): Cause
    {
        $scores = $this->scores($case);

        return Cause::from((string) array_search(max([-\INF, ...$scores]), $scores, true));
    }

    /**
     * @return array<string, float> how likely each cause is, by its word and in the order of the knowledge; of all
     * together one
     */
    public function chances(TensionCase $case): array
    {
        return self::shares($this->scores($case));
    }

    /** How much doubt is left: the entropy of the chances (Shannon), in natural units. */
    public function doubt(TensionCase $case): float
    {
        [$sum, $weighted] = [0.0, 0.0];
        foreach ($this->scores($case) as $score) {
            $share = exp(self::SHARPNESS * $score);
            $sum += $share;
            $weighted += self::SHARPNESS * $score * $share;
        }

        return log($sum) - $weighted / $sum;
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
        return array_values(
            array_filter(
                $case->seen,
                static fn(Symptom $symptom): bool => [] ===
                    array_filter($causes, static fn(Likely $likely): bool => $likely->explains($symptom)),
            ),
        );
    }

    /**
     * @param array<string, float> $scores
     *
     * @return array<string, float> by the same words; of all together one
     */
    private static function shares(array $scores): array
    {
        $shares = array_map(static fn(float $score): float => exp(self::SHARPNESS * $score), $scores);
        $sum = array_sum($shares);

        return array_map(static fn(float $share): float => $share / $sum, $shares);
    }

    /** @return array<string, float> by the words of the causes, in the order of the knowledge */
    private function scores(TensionCase $case): array
    {
        $circumstances = $this->weighed[$case->circumstances] ??= array_map(
            fn(CauseEntry $entry): array => $this->weigh($entry, $case->circumstances),
            $this->knowledge->entries,
        );
        [$seen, $absent] = [array_column($case->seen, 'value'), array_column($case->absent, 'value')];
        $tested = [
            ...array_fill_keys(array_column($case->refuted, 'value'), -self::TESTED),
            ...array_fill_keys(array_column($case->proved, 'value'), self::TESTED),
        ];
        $scores = [];
        foreach ($this->knowledge->entries as $word => $entry) {
            [$score, $for] = $circumstances[$word];
            $isExplaining = [] === $seen;
            foreach ($seen as $symptom) {
                $strength = $entry->shows[$symptom] ?? 0;
                $score += $strength;
                $isExplaining = $isExplaining || $strength > 0;
            }
            foreach ($absent as $symptom) {
                $strength = $entry->shows[$symptom] ?? 0;
                $score -= $strength > 1 ? $strength / 2 : 0;
            }
            // What only could be, and explains nothing that is seen, is not made likelier by it.
            $scores[$word] = $score + ($isExplaining ? $for : 0.0) + ($tested[$word] ?? 0.0);
        }

        return $scores;
    }

    /** @return array{float, float} what is against it, with what it starts from, and what is for it */
    private function weigh(CauseEntry $entry, Circumstances $circumstances): array
    {
        $against = $entry->prior + self::CONFIRMED * log(1 + ($this->confirmed[$entry->cause->value] ?? 0));
        $for = 0.0;
        foreach ($entry->hints as $hint) {
            if ($hint->holdsIn($circumstances)) {
                $hint->weight < 0 ? ($against += $hint->weight) : ($for += $hint->weight);
            }
        }

        return [$against, $for];
    }

    /** @return list<string> */
    private function for(CauseEntry $entry, TensionCase $case): array
    {
        $seen = array_filter($case->seen, static fn(Symptom $symptom): bool => $entry->strength($symptom) > 0);
        usort(
            $seen,
            static fn(Symptom $one, Symptom $other): int => $entry->strength($other) <=> $entry->strength($one),
        );
        $confirmed = $this->confirmed[$entry->cause->value] ?? 0;

        return [
            ...\in_array($entry->cause, $case->proved, true) ? ['its test says so'] : [],
            ...array_map(
                static fn(Symptom $symptom): string => $symptom->words() .
                    match ($entry->strength($symptom)) {
                        3 => ': nearly always so',
                        2 => ': often so',
                        default => ': sometimes so',
                    },
                $seen,
            ),
            ...$this->hints($entry, $case, static fn(Hint $hint): bool => $hint->weight > 0),
            ...0 === $confirmed
                ? []
                : [
                    1 === $confirmed
                        ? 'it was the cause here once before'
                        : "it was the cause here $confirmed times before",
                ],
        ];
    }

    /** @return list<string> */
    private function against(CauseEntry $entry, TensionCase $case): array
    {
        $missing = array_filter($case->absent, static fn(Symptom $symptom): bool => $entry->strength($symptom) > 1);

        return [
            ...\in_array($entry->cause, $case->refuted, true) ? ['its test says no'] : [],
            ...array_values(
                array_map(static fn(Symptom $symptom): string => 'not seen: ' . $symptom->words(), $missing),
            ),
            ...$this->hints($entry, $case, static fn(Hint $hint): bool => $hint->weight < 0),
        ];
    }

    /**
     * @param \Closure(Hint): bool $which
     *
     * @return list<string>
     */
    private function hints(CauseEntry $entry, TensionCase $case, \Closure $which): array
    {
        $hints = array_filter(
            $entry->hints,
            static fn(Hint $hint): bool => $which($hint) && $hint->holdsIn($case->circumstances),
        );

        return array_values(array_map(static fn(Hint $hint): string => $hint->says, $hints));
    }
}
