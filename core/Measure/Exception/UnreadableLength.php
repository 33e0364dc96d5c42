<?php

declare(strict_types=1);

namespace Schwung\Core\Measure\Exception;

/** What was written is no length; the message quotes it and shows two that are accepted. */
final class UnreadableLength extends \InvalidArgumentException
{
    private const EXAMPLES = 'Write it like 66 1/2 in or 169 cm.';

    public static function text(string $text): self
    {
        return new self(\sprintf('"%s" is not a length. %s', self::shortened($text), self::EXAMPLES));
    }

    public static function withoutUnit(string $text): self
    {
        return new self(\sprintf('"%s" has no unit. %s', self::shortened($text), self::EXAMPLES));
    }

    public static function empty(): self
    {
        return new self('There is nothing written. ' . self::EXAMPLES);
    }

    private static function shortened(string $text): string
    {
        $clean = mb_scrub($text, 'UTF-8');

        return mb_strlen($clean) > 40 ? mb_substr($clean, 0, 40) . '…' : $clean;
    }
}
