<?php

declare(strict_types=1);

namespace App\Leaders;

use Schwung\Core\Leader\Reading;
use Schwung\Core\Measure\Exception\UnreadableLength;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\UnitSystem;

/** Readings along a leader as lines of text, from left to right: "-25: 1 7/8". */
final readonly class ReadingLines
{
    private const FEWEST = 3;
    private const MOST = 60;

    public function __construct(private UnitSystem $units) {}

    /**
     * @return list<Reading> from left to right
     *
     * @throws \InvalidArgumentException with a sentence for the person, if the text is no check
     */
    public function read(string $text, Length $leader): array
    {
        $lines = array_values(
            array_filter(
                array_map(trim(...), preg_split('/\R|;/', $text) ?: []),
                static fn(string $line): bool => '' !== $line,
            ),
        );
        if (\count($lines) < self::FEWEST || \count($lines) > self::MOST) {
            throw new \InvalidArgumentException(
                \sprintf('There are %d readings; a check has from %d to %d.', \count($lines), self::FEWEST, self::MOST),
            );
        }
        $readings = array_map(fn(string $line): Reading => $this->line($line, $leader), $lines);
        foreach (\array_slice($readings, 1) as $i => $reading) {
            if (!$reading->at->isLongerThan($readings[$i]->at)) {
                throw new \InvalidArgumentException(
                    \sprintf(
                        '"%s" comes after "%s". Readings go from left to right, one at each place; left of the ' .
                            'centre mark is minus.',
                        $lines[$i + 1],
                        $lines[$i],
                    ),
                );
            }
        }

        return $readings;
    }

    private function line(string $line, Length $leader): Reading
    {
        $parts = preg_split('/\s*[:=]\s*/', strtr($line, ['−' => '-']), 2) ?: [];
        try {
            [$at, $distance] = [
                Length::parse($parts[0] ?? '', $this->units),
                Length::parse($parts[1] ?? '', $this->units),
            ];
        } catch (UnreadableLength) {
            throw new \InvalidArgumentException(
                \sprintf('"%s" cannot be read. Write the place and the distance: -25: 1 7/8.', mb_substr($line, 0, 40)),
            );
        }
        if ($distance->isNegative() || $distance->isLongerThan(Length::inches(40))) {
            throw new \InvalidArgumentException(
                \sprintf('"%s": a distance is from zero to 40 in.', mb_substr($line, 0, 40)),
            );
        }
        if ($at->isLongerThan($leader->half()) || $at->isShorterThan($leader->half()->negated())) {
            throw new \InvalidArgumentException(
                \sprintf('"%s" is beyond the end of the leader.', mb_substr($line, 0, 40)),
            );
        }

        return new Reading($at, $distance);
    }
}
