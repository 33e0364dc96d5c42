<?php

declare(strict_types=1);

namespace App\Public;

use App\Quilt\EntryText;
use App\Quilt\JobDocument;
use App\Quilt\Sheet;
use Schwung\Core\Exchange\JobReader;
use Schwung\Core\Job\Faults;
use Schwung\Core\Measure\LengthWriter;
use Schwung\Core\Measure\UnitSystem;

/** The measures that a client can take at home, read and checked as those of any job document. */
final readonly class ClientMeasures
{
    /** @var array<string, string> what the form calls it, by path of the sheet */
    public const ASKED = [
        'top/widths/middle' => 'Top, so wide',
        'top/lengths/middle' => 'Top, so long',
        'backing/sides/top' => 'Backing, top edge',
        'backing/sides/bottom' => 'Backing, bottom edge',
        'backing/sides/left' => 'Backing, left side',
        'backing/sides/right' => 'Backing, right side',
        'backing/diagonal' => 'Backing, corner to corner',
        'batting/width' => 'Batting, so wide',
        'batting/length' => 'Batting, so long',
    ];
    /** One width and one length stand for all three until the studio measures them. */
    private const ALSO = [
        'top/widths/middle' => ['top/widths/top', 'top/widths/bottom'],
        'top/lengths/middle' => ['top/lengths/left', 'top/lengths/right'],
    ];

    /**
     * @param array<mixed> $typed by path
     *
     * @return array{array<string, string>, array<string, string>} measures with their unit, and faults, both by path
     */
    public static function read(array $typed, UnitSystem $units): array
    {
        [$measures, $faults] = [[], []];
        foreach (array_keys(self::ASKED) as $path) {
            $text = \is_string($typed[$path] ?? null) ? trim(mb_substr($typed[$path], 0, 40)) : '';
            if ('' !== $text) {
                $measures[$path] = EntryText::withUnit(mb_scrub($text, 'UTF-8'), new LengthWriter($units));
            }
        }
        $found = new Faults();
        (new JobReader())->parts(
            (new JobDocument('x', self::laid(Sheet::blank(), $measures), null, $units))->toArray(),
            $found,
        );
        foreach ($found->all() as $fault) {
            $path = ltrim($fault->pointer, '/');
            if (isset($measures[$path])) {
                $faults[$path] = $fault->message;
            }
        }

        return [$measures, $faults];
    }

    /**
     * A sheet with these measures; those of a top or batting that has none fill all of it.
     *
     * @param array<string, string> $measures by path
     */
    public static function laid(Sheet $sheet, array $measures): Sheet
    {
        foreach ($measures as $path => $text) {
            foreach (self::ALSO[$path] ?? [] as $also) {
                $sheet = '' === $sheet->text($also) ? $sheet->with($also, $text) : $sheet;
            }
            $sheet = $sheet->with($path, $text);
        }

        return $sheet;
    }
}
