<?php

declare(strict_types=1);

namespace Schwung\Core\Tension\Evaluation;

use Schwung\Core\Tension\Symptom;
use Schwung\Core\Tension\TensionCase;

/**
 * Makes more cases of those that are known, as they are met at a frame: a symptom is missed, one is seen that is not
 * there, two causes are at work at once. The same cases every time, drawn by a small generator of its own.
 */
final class CaseNoise
{
    private int $state;

    public function __construct(int $seed = 20_261_128)
    {
        $this->state = $seed;
    }

    /**
     * @param non-empty-list<KnownCase> $cases
     *
     * @return non-empty-list<KnownCase> those, and others made of them, up to so many; made of what was held out, one
     *   counts as held out
     */
    public function enlarged(array $cases, int $count): array
    {
        $more = $cases;
        for ($i = 0; \count($more) < $count; ++$i) {
            // Steps of a prime, so that one cause does not follow the other in the order of the list.
            $of = $cases[(7 * $i) % \count($cases)];
            $more[] = match ($i % 3) {
                0 => $this->missed($of) ?? $this->wrong($of),
                1 => $this->wrong($of),
                default => $this->twoAtOnce($of, $cases),
            };
        }

        return $more;
    }

    /** Null of a case that shows one thing only. */
    private function missed(KnownCase $known): ?KnownCase
    {
        $seen = $known->case->seen;
        if (\count($seen) < 2) {
            return null;
        }
        array_splice($seen, $this->below(\count($seen)), 1);

        return $this->with($known, $seen, $known->case->absent, 'one missed');
    }

    private function wrong(KnownCase $known): KnownCase
    {
        $symptoms = Symptom::cases();
        do {
            $symptom = $symptoms[$this->below(\count($symptoms))];
        } while (!$known->case->isOpen($symptom));

        return $this->with($known, [...$known->case->seen, $symptom], $known->case->absent, 'one seen wrongly');
    }

    /** @param non-empty-list<KnownCase> $cases */
    private function twoAtOnce(KnownCase $known, array $cases): KnownCase
    {
        do {
            $other = $cases[$this->below(\count($cases))];
        } while ($other->causes === $known->causes);
        $seen = $known->case->seen;
        foreach ($other->case->seen as $symptom) {
            if (!\in_array($symptom, $seen, true)) {
                $seen[] = $symptom;
            }
        }
        $absent = array_values(
            array_filter($known->case->absent, static fn(Symptom $symptom): bool => !\in_array($symptom, $seen, true)),
        );

        return new KnownCase(
            "$known->title, and: $other->title",
            new TensionCase($seen, $absent, $known->case->circumstances),
            [...$known->causes, ...$other->causes],
            $known->isHeldOut,
        );
    }

    /**
     * @param list<Symptom> $seen
     * @param list<Symptom> $absent
     */
    private function with(KnownCase $known, array $seen, array $absent, string $how): KnownCase
    {
        return new KnownCase(
            "$known->title, $how",
            new TensionCase($seen, $absent, $known->case->circumstances),
            $known->causes,
            $known->isHeldOut,
        );
    }

    /** A whole number from 0 on, by the minimal standard generator (Park and Miller). */
    private function below(int $count): int
    {
        $this->state = ($this->state * 48_271) % 2_147_483_647;

        return $this->state % $count;
    }
}
