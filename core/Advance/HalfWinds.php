<?php

declare(strict_types=1);

namespace Schwung\Core\Advance;

/** The passes of one way of winding: of the whole quilt, or of one half of a quilt that is turned round. */
final readonly class HalfWinds
{
    /** @param non-empty-list<Wind> $winds */
    private function __construct(public array $winds) {}

    /** @return list<self> one, or two of a quilt that is turned round */
    public static function of(Winding $winding): array
    {
        $halves = [[], []];
        foreach ($winding->winds as $wind) {
            $halves[(int) $wind->fromTail][] = $wind;
        }

        return array_map(
            static fn(array $half): self => new self($half),
            array_values(array_filter($halves, static fn(array $half): bool => [] !== $half)),
        );
    }

    public function isFromTail(): bool
    {
        return $this->winds[0]->fromTail;
    }

    /** How many of them are among the first so many of the whole. */
    public function among(int $passes): int
    {
        return \count(array_filter($this->winds, static fn(Wind $wind): bool => $wind->number <= $passes));
    }

    /** @return list<Step> the first so many, as they were planned */
    public function steps(int $passes): array
    {
        return array_map(static fn(Wind $wind): Step => Step::of($wind->pass), \array_slice($this->winds, 0, $passes));
    }

    /** How many rows the first so many take. */
    public function rows(int $passes): int
    {
        return (int) array_sum(
            array_map(static fn(Wind $wind): int => $wind->pass->rows ?? 0, \array_slice($this->winds, 0, $passes)),
        );
    }

    /** Where the last of them ends, in millimetres from the edge where it began. */
    public function end(): float
    {
        return $this->winds[\count($this->winds) - 1]->pass->to->toMillimetres();
    }
}
