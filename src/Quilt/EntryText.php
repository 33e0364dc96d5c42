<?php

declare(strict_types=1);

namespace App\Quilt;

use App\Measure\MomentText;
use Schwung\Core\Job\EntryType;
use Schwung\Core\Measure\Exception\UnreadableLength;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\LengthWriter;

/** Between what a person types into an entry and what the sheet keeps of it. */
final readonly class EntryText
{
    private const LONGEST = 2000;
    private const LONGEST_MEASURE = 80;

    public function __construct(private LengthWriter $writer, private \DateTimeZone $zone) {}

    /** What the sheet keeps of an entered text. */
    public function kept(EntryType $type, string $entered): mixed
    {
        $text = mb_substr(trim(mb_scrub($entered, 'UTF-8')), 0, self::LONGEST);

        return match ($type) {
            EntryType::Measure => self::withUnit($text, $this->writer),
            EntryType::Word, EntryType::Text => $text,
            EntryType::Flag => '1' === $text,
            EntryType::Moment => MomentText::kept($text, $this->zone),
            EntryType::TopSeams => array_map(
                fn(string $line): array => SeamLine::top($line, $this->writer),
                SeamLine::split($text),
            ),
            EntryType::BackingSeams => array_map(
                fn(string $line): array => SeamLine::backing($line, $this->writer),
                SeamLine::split($text),
            ),
            EntryType::Marks => throw new \LogicException('Marks are set on the drawing, not typed as a text.'),
        };
    }

    /** The kept value as a text to show and to edit, in the units of the writer. */
    public function shown(EntryType $type, mixed $kept): string
    {
        return match ($type) {
            EntryType::Measure => self::inUnits(\is_string($kept) ? $kept : '', $this->writer),
            EntryType::Word, EntryType::Text => \is_string($kept) ? $kept : '',
            EntryType::Flag => true === $kept ? '1' : '',
            EntryType::Moment => MomentText::shown(\is_string($kept) ? $kept : '', $this->zone),
            EntryType::TopSeams, EntryType::BackingSeams => implode(
                "\n",
                array_map(
                    fn(mixed $seam): string => SeamLine::shown(\is_array($seam) ? $seam : [], $this->writer),
                    \is_array($kept) ? $kept : [],
                ),
            ),
            EntryType::Marks => '',
        };
    }

    /** A readable text gets its unit, so that it means the same for everybody; any other stays as it is. */
    public static function withUnit(string $text, LengthWriter $writer): string
    {
        $text = mb_substr($text, 0, self::LONGEST_MEASURE);
        foreach (['', ' ' . $writer->units->value] as $unit) {
            if (self::isLength($text . $unit)) {
                return $text . $unit;
            }
        }
        try {
            return $writer->read($text)->exactText();
        } catch (UnreadableLength) {
            return $text;
        }
    }

    private static function isLength(string $text): bool
    {
        try {
            Length::parse($text);
        } catch (UnreadableLength) {
            return false;
        }

        return true;
    }

    /**
     * A length in the writer's units; one that these units cannot write exactly stays as typed if it was typed in them.
     */
    public static function inUnits(string $text, LengthWriter $writer): string
    {
        try {
            $length = Length::parse($text);
            $written = $writer->write($length);
            $isExact = 0 === Length::parse($written)->compareTo($length);
        } catch (UnreadableLength) {
            return $text;
        }

        return !$isExact && str_ends_with($text, ' ' . $writer->units->value) ? $text : $written;
    }
}
