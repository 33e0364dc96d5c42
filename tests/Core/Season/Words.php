<?php

declare(strict_types=1);

namespace Tests\Core\Season;

use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\LengthWriter;
use Schwung\Core\Measure\Phrase;
use Schwung\Core\Measure\UnitSystem;

/** Anything of the core in words: every public member of every object, figures to a thousandth. */
final class Words
{
    /** A mark of all that is said of it: another mark, another word. */
    public static function mark(mixed $value): string
    {
        return substr(sha1(self::of($value)), 0, 8);
    }

    public static function of(mixed $value): string
    {
        return match (true) {
            $value instanceof Phrase => $value->writtenBy(new LengthWriter(UnitSystem::Inches)),
            $value instanceof Length => round($value->toInches(), 3) + 0.0 . ' in',
            $value instanceof \BackedEnum => (string) $value->value,
            $value instanceof \UnitEnum => $value->name,
            $value instanceof \DateTimeInterface => $value->format(\DATE_ATOM),
            $value instanceof \Closure => 'closure',
            \is_array($value) => '[' . self::members($value) . ']',
            \is_object($value) => '(' . self::members(get_object_vars($value) ?: (array) $value) . ')',
            \is_float($value) => (string) (round($value, 3) + 0.0),
            \is_bool($value) => $value ? 'yes' : 'no',
            \is_scalar($value) => (string) $value,
            default => '?',
        };
    }

    /** @param array<mixed> $members */
    private static function members(array $members): string
    {
        $texts = [];
        foreach ($members as $name => $member) {
            if (null !== $member) {
                $parts = explode("\0", (string) $name);
                $texts[] = end($parts) . ' ' . self::of($member);
            }
        }

        return implode(', ', $texts);
    }
}
