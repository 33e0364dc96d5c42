<?php

declare(strict_types=1);

namespace Schwung\Core\Tension;

/**
 * Foresees faults from the circumstances alone, before a quilt is loaded: a cause that two circumstances speak for, or
 * one where this studio has met it before, and none that makes it impossible. The same circumstances that the diagnosis
 * weighs.
 */
final readonly class RiskRule
{
    private const ENOUGH = 2;
    private const ENOUGH_WHERE_MET = 1;
    /** Where each cause is kept away; what is not named, while loading. */
    private const STAGES = [
        'border-full' => 'measure',
        'backing-crooked' => 'backing',
        'batting-creased' => 'backing',
        'stretch-roller-to-roller' => 'direction',
        'seam-winds-on-itself' => 'direction',
        'leader-crooked' => 'attach',
        'leader-worn-centre' => 'attach',
        'attached-uneven' => 'attach',
        'pins-too-dense' => 'attach',
        'side-clamps-narrow' => 'attach',
        'frame-out-of-true' => 'attach',
        'edge-forced' => 'attach',
        'backing-doubled-under' => 'attach',
        'bulk-in-takeup' => 'attach',
        'roll-too-big' => 'passes',
    ];

    /** That leaders are straight and a rail is long speaks for this only once something is seen. */
    private const NEVER_FORESEEN = ['roller-bowed'];

    /** @param array<string, int> $confirmed how often the studio has confirmed each cause, by its word */
    public function __construct(private Knowledge $knowledge, private array $confirmed = []) {}

    /**
     * @param string|null $stage of which the risks are wanted; null for those of all
     *
     * @return list<Risk> the one that most speaks for first
     */
    public function foresee(Circumstances $circumstances, ?string $stage = null): array
    {
        $weights = [];
        $risks = [];
        foreach ($this->knowledge->entries as $word => $entry) {
            $keptAway = self::STAGES[$word] ?? 'load';
            if (\in_array($word, self::NEVER_FORESEEN, true) || (null !== $stage && $stage !== $keptAway)) {
                continue;
            }
            $holding = array_values(
                array_filter($entry->hints, static fn(Hint $hint): bool => $hint->holdsIn($circumstances)),
            );
            $weight = array_sum(array_map(static fn(Hint $hint): int => $hint->weight, $holding));
            if ($weight >= (isset($this->confirmed[$word]) ? self::ENOUGH_WHERE_MET : self::ENOUGH)) {
                $because = array_map(
                    static fn(Hint $hint): string => $hint->says,
                    array_filter($holding, static fn(Hint $hint): bool => $hint->weight > 0),
                );
                $met = isset($this->confirmed[$word]) ? ['it came so here before'] : [];
                $risks[] = new Risk($entry, $keptAway, $this->first($entry), [...array_values($because), ...$met]);
                $weights[] = -$weight;
            }
        }
        array_multisort($weights, array_keys($risks), $risks);

        return $risks;
    }

    /** What shows it most nearly always. */
    private function first(CauseEntry $entry): Symptom
    {
        $shows = $entry->shows;
        arsort($shows);

        return Symptom::from((string) array_key_first($shows));
    }
}
