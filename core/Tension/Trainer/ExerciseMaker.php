<?php

declare(strict_types=1);

namespace Schwung\Core\Tension\Trainer;

use Random\Engine\Mt19937;
use Random\Randomizer;
use Schwung\Core\Tension\Bed\BedRule;
use Schwung\Core\Tension\Bed\BedSetup;
use Schwung\Core\Tension\Cause;
use Schwung\Core\Tension\DiagnosisRule;
use Schwung\Core\Tension\Knowledge;
use Schwung\Core\Tension\Likely;
use Schwung\Core\Tension\Look;
use Schwung\Core\Tension\Symptom;
use Schwung\Core\Tension\TensionCase;

/**
 * Hides one or two faults in a bed. Everything that is drawn by chance comes from the seed: the same level and seed
 * give the same bed on every machine. What is seen follows from geometry where there is any, else from how often the
 * cause shows it by the trade's knowledge.
 */
final readonly class ExerciseMaker
{
    public const LARGEST_SEED = 99_999;

    /** Of a hundred beds with a cause, so many show a symptom of each strength. */
    private const SHOWS = [1 => 25, 2 => 70, 3 => 100];
    /** How far the stitched line stands from the edge where the leader is shortest. */
    private const LINE_MM = 44.45;
    /** What only the shape of the bed shows, never the draw. */
    private const DIPS = [Symptom::CentreDip, Symptom::SideDip, Symptom::BothSidesDip];
    private const STATIONS = [-1.0, -0.5, 0.0, 0.5, 1.0];

    public function __construct(private Knowledge $knowledge) {}

    /** @param int $seed from 0 to LARGEST_SEED */
    public function make(Level $level, int $seed): Exercise
    {
        $chance = new Randomizer(new Mt19937($level->value * (self::LARGEST_SEED + 1) + $seed));
        $all = (new FaultMaker($chance))->all($level);
        $faults = $this->hide($all, $level->faults(), $chance);
        $setup = array_reduce(
            $faults,
            static fn(BedSetup $bed, Fault $fault): BedSetup => ($fault->change)($bed),
            BedSetup::flat(),
        );
        $bed = (new BedRule())->lie($setup);
        $seen = $this->seen($bed->symptoms(), $faults, $chance);
        $line = array_map(
            static fn(float $at): float => self::LINE_MM + $setup->leader->longerAt($at) + $chance->getInt(-8, 8) / 10,
            self::STATIONS,
        );

        return new Exercise(
            $level,
            $seed,
            $bed,
            $faults,
            $seen,
            $line,
            $this->offered($faults, $all, $seen, $level->offered(), $chance),
        );
    }

    /**
     * @param non-empty-list<Fault> $all
     *
     * @return non-empty-list<Fault>
     */
    private function hide(array $all, int $count, Randomizer $chance): array
    {
        /** @var non-empty-list<Fault> $shuffled */
        $shuffled = $chance->shuffleArray($all);
        $hidden = [$shuffled[0]];
        foreach ($shuffled as $fault) {
            $isApart = [] === array_filter($hidden, static fn(Fault $other): bool => $other->field === $fault->field);
            if (\count($hidden) < $count && $isApart) {
                $hidden[] = $fault;
            }
        }

        return $hidden;
    }

    /**
     * @param list<Symptom> $byShape
     * @param list<Fault>   $faults
     *
     * @return list<Symptom> in the order of Symptom, none twice
     */
    private function seen(array $byShape, array $faults, Randomizer $chance): array
    {
        $seen = array_flip(array_map(static fn(Symptom $symptom): string => $symptom->value, $byShape));
        foreach ($faults as $fault) {
            $shows = $this->knowledge->of($fault->cause)->shows;
            foreach ($shows as $word => $strength) {
                // What a cause shows most is never missing.
                $isThere =
                    $chance->getInt(1, 100) <= (self::SHOWS[$strength] ?? 0) || $strength === max([0, ...$shows]);
                if ($isThere && !\in_array(Symptom::from($word), self::DIPS, true)) {
                    $seen[$word] = true;
                }
            }
        }

        return array_values(
            array_filter(
                Symptom::cases(),
                static fn(Symptom $symptom): bool => isset($seen[$symptom->value]) && Look::Off !== $symptom->look(),
            ),
        );
    }

    /**
     * The hidden causes among those that are mistaken for them most easily.
     *
     * @param non-empty-list<Fault> $faults
     * @param list<Fault>           $all
     * @param list<Symptom>         $seen
     *
     * @return non-empty-list<Cause>
     */
    private function offered(array $faults, array $all, array $seen, int $count, Randomizer $chance): array
    {
        $hidden = array_map(static fn(Fault $fault): Cause => $fault->cause, $faults);
        $possible = array_map(static fn(Fault $fault): Cause => $fault->cause, $all);
        $ranked = array_map(
            static fn(Likely $likely): Cause => $likely->cause(),
            (new DiagnosisRule($this->knowledge))->rank(new TensionCase($seen)),
        );
        $others = array_filter(
            $ranked,
            static fn(Cause $cause): bool => \in_array($cause, $possible, true) && !\in_array($cause, $hidden, true),
        );
        /** @var non-empty-list<Cause> $offered */
        $offered = $chance->shuffleArray([...$hidden, ...\array_slice($others, 0, $count - \count($hidden))]);

        return $offered;
    }
}
