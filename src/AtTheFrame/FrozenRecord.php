<?php

declare(strict_types=1);

namespace App\AtTheFrame;

use App\Frames\StockRecord;
use App\Quilt\Sheet;
use App\Quilt\Subject;
use App\Settings\PracticeSettings;
use Schwung\Core\Exchange\FrameReader;
use Schwung\Core\Exchange\Node;
use Schwung\Core\Frame\Frame;
use Schwung\Core\Job\Faults;
use Schwung\Core\Measure\UnitSystem;

/** What a plan was made from, as it is stored: the sheet, the frame as a job document has it, the stock, the studio's figures. */
final class FrozenRecord
{
    /** @return array<string, mixed> */
    public static function toArray(Subject $subject): array
    {
        return [
            'title' => $subject->title,
            'sheet' => $subject->sheet->toArray(),
            'frame' => $subject->job(UnitSystem::Inches)->toArray()['frame'] ?? null,
            'stock' => StockRecord::toArray($subject->stock),
            'practice' => PracticeSettings::of($subject->practice)->toArray(),
        ];
    }

    /** @param array<string, mixed> $record */
    public static function fromArray(array $record): Subject
    {
        return new Subject(
            \is_string($record['title'] ?? null) ? $record['title'] : '',
            Sheet::fromArray(self::members($record['sheet'] ?? [])),
            self::frame($record['frame'] ?? null),
            StockRecord::fromArray(self::members($record['stock'] ?? [])),
            PracticeSettings::fromArray(array_filter(self::members($record['practice'] ?? []), static fn (mixed $value): bool => \is_int($value) || \is_float($value)))->practice(),
        );
    }

    private static function frame(mixed $frame): ?Frame
    {
        $document = json_decode(json_encode($frame, \JSON_THROW_ON_ERROR), false, flags: \JSON_THROW_ON_ERROR);

        return null === $document ? null : (new FrameReader())->read(new Node($document, '/frame', new Faults()));
    }

    /** @return array<string, mixed> */
    private static function members(mixed $value): array
    {
        /** @var array<string, mixed> $members JSON objects have words for keys */
        $members = \is_array($value) ? $value : [];

        return $members;
    }
}
