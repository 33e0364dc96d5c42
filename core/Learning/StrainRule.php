<?php

declare(strict_types=1);

namespace Schwung\Core\Learning;

use Schwung\Core\Measure\Figure;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\Phrase;

/**
 * Rule 24: strain with a ruler. Two marks stand $apart on slack cloth and $loaded on the loaded: ε is what they moved
 * apart by, as a part of that. Woven cotton bears half a hundredth, stretchy cloth a whole one; off the frame a
 * length L shrinks back by L·ε ÷ (1 + ε).
 */
final readonly class StrainRule
{
    public const WOVEN = 0.005;
    public const STRETCHY = 0.01;
    /** Two layers that differ by less than this are alike: a ruler over ten inches tells no less. */
    private const ALIKE = 0.0025;
    /** No cloth on a frame is pulled by more than this; who reads more has read two other marks. */
    private const MOST = 0.15;
    /** A ruler lies between them, and a hundredth of it is read with ease. */
    private const MARKS_INCHES = 10;

    /** How far apart the marks are set on slack cloth. */
    public static function marks(): Length
    {
        return Length::inches(self::MARKS_INCHES);
    }

    /** @throws \InvalidArgumentException where the marks lie on one point, or nearer than slack by more than a ruler errs */
    public function strain(Length $apart, Length $loaded): float
    {
        if (!$apart->isPositive()) {
            throw new \InvalidArgumentException('The two marks lie on one point: set them apart by a hand or more.');
        }
        $strain = ($loaded->nanometres - $apart->nanometres) / $apart->nanometres;
        if ($strain < -self::WOVEN || $strain > self::MOST) {
            throw new \InvalidArgumentException(
                $strain < 0
                    ? 'The marks stand nearer than on slack cloth: it hangs, or one of them is another mark.'
                    : 'No cloth gives so much on a frame: one of them is another mark.',
            );
        }

        return $strain;
    }

    public function isTooMuch(float $strain, bool $isStretchy): bool
    {
        return $strain > ($isStretchy ? self::STRETCHY : self::WOVEN);
    }

    /** What a length that was loaded so shrinks back by, off the frame. */
    public function shrinksBack(Length $length, float $strain): Length
    {
        return Length::millimetres(($length->toMillimetres() * $strain) / (1 + $strain));
    }

    /**
     * Rule 17: the radius that a finished edge of the layers curls with, h ÷ (1.5·Δε); an estimate.
     *
     * @param Length $layers how thick all layers are together, h
     *
     * @return Length|null null where the two are pulled alike
     */
    public function curl(float $backing, float $top, Length $layers): ?Length
    {
        $apart = abs($backing - $top);

        return $apart < self::ALIKE ? null : Length::millimetres($layers->toMillimetres() / (1.5 * $apart));
    }

    /** Which way a finished edge will curl, and what to do while it is on the frame; as curl() has it. */
    public function sayCurl(float $backing, float $top, Length $layers): Phrase
    {
        $radius = $this->curl($backing, $top, $layers);

        return match (true) {
            null === $radius => Phrase::of('Both layers are pulled alike: the finished edges should lie flat.'),
            $backing > $top => Phrase::of(
                'The backing is pulled the more: off the frame the edges will curl to the back, round a bow of about ' .
                    '%s (an estimate). Let the backing off.',
                Figure::measured($radius),
            ),
            default => Phrase::of(
                'The top is pulled the more: off the frame the edges will curl to the front, round a bow of about ' .
                    '%s (an estimate). Let the top off, not the backing.',
                Figure::measured($radius),
            ),
        };
    }

    /**
     * What each word of firmness is in numbers here: the median of what was read when it was felt.
     *
     * @param list<array{int, float}> $readings step of firmness and strain
     *
     * @return array<int, array{float, int}> strain and how many readings it rests on, by the step
     */
    public function inNumbers(array $readings): array
    {
        $bySteps = [];
        foreach ($readings as [$step, $strain]) {
            $bySteps[$step][] = $strain;
        }
        ksort($bySteps);

        return array_map(
            static fn(array $strains): array => [Percentile::median($strains), \count($strains)],
            $bySteps,
        );
    }
}
