<?php

declare(strict_types=1);

namespace Tests\Core\Season;

use Schwung\Core\Measure\Exception\UnreadableLength;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\LengthWriter;
use Schwung\Core\Measure\Rounding;
use Schwung\Core\Measure\UnitSystem;

/** Lengths as people write them, right and wrong, and how they are written back. */
final readonly class Lengths implements Account
{
    private const NUMBERS = [
        '7',
        '66 1/2',
        '66½',
        '3/4',
        '1/64',
        '199,4',
        '0.0625',
        '-2 1/4',
        '−5',
        '7/0',
        '1/3',
        '12 8/8',
        '1.2.3',
        '٣',
        '',
    ];
    private const UNITS = ['', ' in', '"', ' cm', 'mm', ' m', ' ft', "'", ' yd', ' ells', ' IN'];

    public function pages(): int
    {
        return \count(self::NUMBERS);
    }

    public function page(int $number): iterable
    {
        $lot = new Lot($number);
        foreach (self::UNITS as $unit) {
            foreach ([null, UnitSystem::Inches, UnitSystem::Centimetres] as $bare) {
                yield $this->read(self::NUMBERS[$number] . $unit, $bare);
            }
        }
        foreach (range(1, 12) as $_) {
            yield $this->read(
                $lot->of(self::NUMBERS) . $lot->of(self::UNITS) . ' ' . $lot->of(self::NUMBERS) . $lot->of(self::UNITS),
                $lot->of([null, UnitSystem::Inches]),
            );
        }
    }

    private function read(string $text, ?UnitSystem $bare): string
    {
        $asked = "\"$text\"" . (null === $bare ? '' : " in $bare->value");
        try {
            $length = Length::parse($text, $bare);
        } catch (UnreadableLength $unreadable) {
            return "$asked: " . $unreadable->getMessage();
        }
        $written = [];
        foreach (UnitSystem::cases() as $units) {
            foreach ([8, 16] as $fraction) {
                foreach (Rounding::cases() as $rounding) {
                    $written[] = (new LengthWriter($units, $fraction))->write($length, $rounding);
                }
            }
        }

        return "$asked: $length->nanometres nm, " . $length->exactText() . ', ' . implode(', ', array_unique($written));
    }
}
