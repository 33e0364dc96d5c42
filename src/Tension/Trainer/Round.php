<?php

declare(strict_types=1);

namespace App\Tension\Trainer;

use Schwung\Core\Tension\Cause;
use Schwung\Core\Tension\CauseEntry;
use Schwung\Core\Tension\Knowledge;
use Schwung\Core\Tension\Likely;
use Schwung\Core\Tension\Look;
use Schwung\Core\Tension\Trainer\Exercise;
use Schwung\Core\Tension\Trainer\Fault;
use Schwung\Core\Tension\Trainer\Guess;
use Schwung\Core\Tension\Trainer\Mark;
use Schwung\Core\Tension\Trainer\MarkRule;
use Schwung\Core\Tension\Trainer\Probe;
use Schwung\Core\Tension\Trainer\Report;
use Schwung\Core\Tension\Trainer\ReportRule;

/**
 * A bed of the trainer as far as somebody has come with it; an address holds it all, so that a reload loses nothing.
 */
final readonly class Round
{
    /** @param list<Probe> $probes in the order in which they were made, none twice */
    private function __construct(
        public Exercise $exercise,
        public array $probes,
        public ?Guess $guess,
        private Knowledge $knowledge,
    ) {}

    /**
     * @param array<array-key, string> $query did, causes, remedies, each words with commas between; what is none of
     * them is left out
     */
    public static function of(Exercise $exercise, array $query): self
    {
        $words = static fn(string $name): array => array_values(
            array_unique(array_filter(explode(',', $query[$name] ?? ''))),
        );
        $causes = static fn(string $name): array => array_values(
            array_filter(
                array_map(Cause::tryFrom(...), $words($name)),
                static fn(?Cause $cause): bool => null !== $cause && \in_array($cause, $exercise->offered, true),
            ),
        );
        $probes = array_values(array_filter(array_map(Probe::tryFrom(...), $words('did'))));
        $guess = $causes('causes');

        return new self(
            $exercise,
            $probes,
            [] === $guess ? null : new Guess($guess, $causes('remedies')),
            Knowledge::ofTheTrade(),
        );
    }

    public function isDone(Probe $probe): bool
    {
        return \in_array($probe, $this->probes, true);
    }

    /** The probes with one more, as an address holds them. */
    public function did(?Probe $more = null): string
    {
        return implode(
            ',',
            array_unique(
                array_map(static fn(Probe $probe): string => $probe->value, [
                    ...$this->probes,
                    ...null === $more ? [] : [$more],
                ]),
            ),
        );
    }

    public function minutes(): int
    {
        return array_sum(array_map(static fn(Probe $probe): int => $probe->minutes(), $this->probes));
    }

    /** @return list<Report> the last first */
    public function reports(): array
    {
        return array_reverse(
            array_map(fn(Probe $probe): Report => (new ReportRule())->report($this->exercise, $probe), $this->probes),
        );
    }

    /** @return list<Look> where one has looked; everywhere once it is answered */
    public function looks(): array
    {
        return null === $this->guess
            ? array_merge([], ...array_map(static fn(Probe $probe): array => $probe->looks(), $this->probes))
            : Look::cases();
    }

    /** @return list<CauseEntry> in an order that tells nothing */
    public function offered(): array
    {
        return array_map($this->knowledge->of(...), $this->exercise->offered);
    }

    public function entry(Fault $fault): CauseEntry
    {
        return $this->knowledge->of($fault->cause);
    }

    /** What tells this cause from others. */
    public function proof(Fault $fault): Report
    {
        return (new ReportRule())->report($this->exercise, $fault->proof);
    }

    public function isFound(Fault $fault): bool
    {
        return null !== $this->guess && \in_array($fault->cause, $this->guess->causes, true);
    }

    public function mark(): Mark
    {
        return (new MarkRule($this->knowledge))->mark(
            $this->exercise,
            $this->guess ?? new Guess([], []),
            $this->probes,
        );
    }

    /** @return list<Likely> the three likeliest by what was looked at */
    public function likeliest(): array
    {
        return (new MarkRule($this->knowledge))->likeliest($this->exercise, $this->probes);
    }
}
