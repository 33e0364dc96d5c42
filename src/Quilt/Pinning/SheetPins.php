<?php

declare(strict_types=1);

namespace App\Quilt\Pinning;

use App\Quilt\Sheet;
use Schwung\Core\Job\Pin;
use Schwung\Core\Preparation\BrokenPin;
use Schwung\Core\Preparation\Decision;

/** The pins that a sheet keeps, and those that were let go with who and when, so that undo goes back through them. */
final class SheetPins
{
    private const PINS = 'pins';
    private const LET_GO = 'let_go';
    private const MOST_LET_GO = 40;

    /** @return list<Pin> */
    public static function of(Sheet $sheet): array
    {
        return self::read($sheet->get(self::PINS));
    }

    /** @return list<Pin> the newest first; each with who let it go and when in the place of who has done it */
    public static function letGo(Sheet $sheet): array
    {
        return self::read($sheet->get(self::LET_GO));
    }

    /** @param list<Pin> $pins */
    public static function with(Sheet $sheet, array $pins): Sheet
    {
        return $sheet->with(self::PINS, array_map(self::written(...), $pins));
    }

    /** @param list<BrokenPin> $broken */
    public static function lettingGo(Sheet $sheet, array $broken, string $by, string $at): Sheet
    {
        $gone = array_map(static fn(BrokenPin $one): Pin => $one->pin->done($by, $at), $broken);

        return $sheet->with(
            self::LET_GO,
            array_map(self::written(...), \array_slice([...$gone, ...self::letGo($sheet)], 0, self::MOST_LET_GO)),
        );
    }

    public static function pin(Decision $decision, string $by, string $at): Pin
    {
        return new Pin($decision->key, $decision->words(), $by, $at);
    }

    /** @return array<string, mixed> */
    private static function written(Pin $pin): array
    {
        return [
            'key' => $pin->key,
            'words' => $pin->words,
            'by' => $pin->by,
            'at' => $pin->at,
            'done_by' => $pin->doneBy,
            'done_at' => $pin->doneAt,
        ];
    }

    /** @return list<Pin> */
    private static function read(mixed $records): array
    {
        $pins = [];
        foreach (\is_array($records) ? $records : [] as $record) {
            if (\is_array($record)) {
                $text = static fn(string $key): string => \is_string($record[$key] ?? null) ? $record[$key] : '';
                $words = \is_array($record['words'] ?? null) ? array_filter($record['words'], is_string(...)) : [];
                /** @var array<string, string> $words as they were written */
                $pins[] = new Pin($text('key'), $words, $text('by'), $text('at'), $text('done_by'), $text('done_at'));
            }
        }

        return $pins;
    }
}
