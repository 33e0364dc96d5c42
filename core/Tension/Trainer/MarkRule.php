<?php

declare(strict_types=1);

namespace Schwung\Core\Tension\Trainer;

use Schwung\Core\Tension\Cause;
use Schwung\Core\Tension\DiagnosisRule;
use Schwung\Core\Tension\Knowledge;
use Schwung\Core\Tension\Likely;
use Schwung\Core\Tension\TensionCase;

/**
 * Marks a round: sixty points for the causes, twenty-five for the remedies, fifteen for getting there without waste. A
 * cause that is wrong, but among the three likeliest by what had been looked at, gives a third. A rule of the trainer's
 * own.
 */
final readonly class MarkRule
{
    private const CAUSES = 60;
    private const REMEDIES = 25;
    private const TIME = 15;

    public function __construct(private Knowledge $knowledge) {}

    /** @param list<Probe> $probes none twice */
    public function mark(Exercise $exercise, Guess $guess, array $probes): Mark
    {
        $hidden = $exercise->causes();
        $share = static fn(array $chosen): int => \count(
            array_filter($hidden, static fn(Cause $cause): bool => \in_array($cause, $chosen, true)),
        );
        $causes = intdiv(self::CAUSES * $share($guess->causes), \count($hidden));
        $isReasonable =
            0 === $causes &&
            [] !==
                array_filter(
                    $this->likeliest($exercise, $probes),
                    static fn(Likely $likely): bool => \in_array($likely->cause(), $guess->causes, true),
                );
        $over = array_sum(array_map(static fn(Probe $probe): int => $probe->minutes(), $probes)) - $exercise->par();

        return new Mark([
            'the cause' => $isReasonable ? intdiv(self::CAUSES, 3) : $causes,
            'the remedy' => intdiv(self::REMEDIES * $share($guess->remedies), \count($hidden)),
            'the time' => 0 === $causes ? 0 : max(0, self::TIME - max(0, $over)),
        ]);
    }

    /**
     * @param list<Probe> $probes none twice
     *
     * @return list<Likely> the three likeliest causes by what these probes let one see
     */
    public function likeliest(Exercise $exercise, array $probes): array
    {
        return \array_slice((new DiagnosisRule($this->knowledge))->rank($this->known($exercise, $probes)), 0, 3);
    }

    /** @param list<Probe> $probes */
    private function known(Exercise $exercise, array $probes): TensionCase
    {
        return new TensionCase(
            array_merge([], ...array_map($exercise->seenBy(...), $probes)),
            array_merge([], ...array_map($exercise->missedBy(...), $probes)),
        );
    }
}
