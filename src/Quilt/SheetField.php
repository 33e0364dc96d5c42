<?php

declare(strict_types=1);

namespace App\Quilt;

use App\Measure\MomentText;
use Schwung\Core\Measure\Exception\UnreadableLength;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\LengthWriter;

/** How a member of the sheet is entered: each kind knows what to keep of a text, and how to show what is kept. */
enum SheetField
{
    case Measure;
    case Word;
    case Flag;
    case Moment;
    case TopSeams;
    case BackingSeams;
    case Note;

    private const LONGEST = 2000;

    /** Every member that a page may change, with its kind; null for any other path. */
    public static function at(string $path): ?self
    {
        return match (true) {
            1 === preg_match('~^(top/(widths/(top|middle|bottom)|lengths/(left|middle|right)|diagonals/[01])|backing/(sides/(top|right|bottom|left)|diagonal|bolt)|batting/(width|length|loft)|load/custom/(lead|tail|left|right)|quilting/(row_height|gap|overhang)|desk/(repeat|roll))$~', $path) => self::Measure,
            \in_array($path, ['top/directional', 'backing/directional', 'quilting/directional', 'desk/turn_round', 'desk/borders_last'], true) => self::Flag,
            \in_array($path, ['batting/opened', 'load/planned'], true) => self::Moment,
            \in_array($path, ['top/seams_across', 'top/seams_along'], true) => self::TopSeams,
            'backing/seams' === $path => self::BackingSeams,
            'desk/pieces' === $path => self::Note,
            1 === preg_match('~^(top/edge|backing/(kind|stretch)|batting/kind|load/(direction|margins|float|(lead|tail)/(method|school))|quilting/(style|finish)|desk/(mend|strips|design|position|top_method|purpose|order|batting_hold|far_edge|guide|basting_stitch|sides|alignment|last_edge))$~', $path) => self::Word,
            default => null,
        };
    }

    /** What the sheet keeps of an entered text. */
    public function kept(string $entered, LengthWriter $writer, \DateTimeZone $zone): mixed
    {
        $text = mb_substr(trim(mb_scrub($entered, 'UTF-8')), 0, self::LONGEST);

        return match ($this) {
            self::Measure => self::withUnit($text, $writer),
            self::Word, self::Note => $text,
            self::Flag => '1' === $text,
            self::Moment => MomentText::kept($text, $zone),
            self::TopSeams => array_map(static fn (string $line): array => SeamLine::top($line, $writer), SeamLine::split($text)),
            self::BackingSeams => array_map(static fn (string $line): array => SeamLine::backing($line, $writer), SeamLine::split($text)),
        };
    }

    /** The kept value as a text to show and to edit, in the units of the writer. */
    public function shown(mixed $kept, LengthWriter $writer, \DateTimeZone $zone): string
    {
        return match ($this) {
            self::Measure => self::inUnits(\is_string($kept) ? $kept : '', $writer),
            self::Word, self::Note => \is_string($kept) ? $kept : '',
            self::Flag => true === $kept ? '1' : '',
            self::Moment => MomentText::shown(\is_string($kept) ? $kept : '', $zone),
            self::TopSeams, self::BackingSeams => implode("\n", array_map(
                static fn (mixed $seam): string => SeamLine::shown(\is_array($seam) ? $seam : [], $writer),
                \is_array($kept) ? $kept : [],
            )),
        };
    }

    /** A readable text gets its unit, so that it means the same for everybody; any other stays as it is. */
    public static function withUnit(string $text, LengthWriter $writer): string
    {
        $text = mb_substr($text, 0, 80);
        try {
            Length::parse($text);
        } catch (UnreadableLength) {
            try {
                Length::parse($text, $writer->units);
                $text .= ' '.$writer->units->value;
            } catch (UnreadableLength) {
                return $text;
            }
        }

        return $text;
    }

    /** A length in the writer's units; one that these units cannot write exactly stays as typed if it was typed in them. */
    public static function inUnits(string $text, LengthWriter $writer): string
    {
        try {
            $length = Length::parse($text);
            $written = $writer->write($length);
            $isExact = 0 === Length::parse($written)->compareTo($length);
        } catch (UnreadableLength) {
            return $text;
        }

        return !$isExact && str_ends_with($text, ' '.$writer->units->value) ? $text : $written;
    }
}
