<?php

declare(strict_types=1);

namespace Schwung\Core\Job;

use Schwung\Core\Measure\Length;

/** What the tape has said so far of a top and its backing, and what may be guessed from that. */
final readonly class Tape
{
    /** @param array<string, Length> $taken by the words of Taping */
    public function __construct(public array $taken = []) {}

    public function at(Taping $measure): ?Length
    {
        return $this->taken[$measure->value] ?? null;
    }

    /**
     * @param list<Taping> $layer
     *
     * @return list<Taping> what of it is not measured yet
     */
    public function open(array $layer): array
    {
        return array_values(array_filter($layer, fn(Taping $measure): bool => null === $this->at($measure)));
    }

    /** The same tape once this would have been read. */
    public function with(Taping $measure, Length $length): self
    {
        return new self([...$this->taken, $measure->value => $length]);
    }

    /**
     * As it was measured, or as the others let one expect: the middle as the mean of its ends, an edge as the opposite
     * one, else as the middle. Null where nothing alike is measured, and of a diagonal, which nothing else tells.
     */
    public function guess(Taping $measure): ?Length
    {
        $alike = array_values(array_filter($measure->alike(), static fn(Taping $that): bool => $that !== $measure));
        $ends = array_values(
            array_filter(
                array_map(fn(Taping $that): ?Length => $that->isInTheMiddle() ? null : $this->at($that), $alike),
            ),
        );
        $middle = array_values(
            array_filter(
                array_map(fn(Taping $that): ?Length => $that->isInTheMiddle() ? $this->at($that) : null, $alike),
            ),
        );

        return $this->at($measure) ??
            match (\count($ends)) {
                0 => $middle[0] ?? null,
                1 => $ends[0],
                default => $ends[0]->plus($ends[1])->half(),
            };
    }

    /** The guess of a measure that is not taken yet; null where it is taken, or where nothing tells. */
    public function guessOfOpen(Taping $measure): ?Length
    {
        return null === $this->at($measure) ? $this->guess($measure) : null;
    }

    /**
     * @param list<Taping> $layer
     *
     * @return array<string, Length>|null every measure of a layer but its diagonals, measured or guessed; null while
     *                                    there is not one each way
     */
    public function whole(array $layer): ?array
    {
        $whole = [];
        foreach ($layer as $measure) {
            $length = $this->guess($measure);
            if (!$measure->isDiagonal() && null === $length) {
                return null;
            }
            if (null !== $length) {
                $whole[$measure->value] = $length;
            }
        }

        return $whole;
    }
}
