<?php

declare(strict_types=1);

namespace App\AtTheFrame;

use App\Frames\StockRecord;
use App\Quilt\Sheet;
use App\Quilt\Subject;
use App\Settings\PracticeSettings;
use Schwung\Core\Exchange\FrameReader;
use Schwung\Core\Exchange\FrameWriter;
use Schwung\Core\Exchange\Node;
use Schwung\Core\Frame\Frame;
use Schwung\Core\Frame\Stock;
use Schwung\Core\Job\Faults;
use Schwung\Core\Practice\Taught;

/** What a plan was made from, as it is stored: the sheet, the frame as a job document has it, the studio's figures. */
final class FrozenRecord
{
    /** @return array<string, mixed> */
    public static function toArray(Subject $subject): array
    {
        return [
            'title' => $subject->title,
            'sheet' => $subject->sheet->toArray(),
            'frame' => null === $subject->frame ? null : (new FrameWriter())->document($subject->frame),
            'practice' => PracticeSettings::of($subject->practice)->toArray(),
            'taught' => $subject->practice->taught->toArray(),
        ];
    }

    /** @param array<string, mixed> $record by this or an earlier version */
    public static function fromArray(array $record): Subject
    {
        return new Subject(
            \is_string($record['title'] ?? null) ? $record['title'] : '',
            Sheet::fromArray(self::members($record['sheet'] ?? [])),
            self::frame(
                self::members($record['frame'] ?? []),
                StockRecord::fromArray(self::members($record['stock'] ?? [])),
            ),
            PracticeSettings::fromArray(
                array_filter(
                    self::members($record['practice'] ?? []),
                    static fn(mixed $value): bool => \is_int($value) || \is_float($value),
                ),
            )
                ->practice()
                ->taught(Taught::fromArray(self::members($record['taught'] ?? []))),
        );
    }

    /**
     * @param array<string, mixed> $document
     * @param Stock                $beside   what an earlier version kept beside the frame
     */
    private static function frame(array $document, Stock $beside): ?Frame
    {
        $frame = [] === $document ? null : (new FrameReader())->read(new Node($document, '/frame', new Faults()));

        return null === $frame || !$frame->stock->isEmpty()
            ? $frame
            : new Frame($frame->kind, $frame->measures, $frame->ratchetTeeth, $frame->methods, $beside);
    }

    /** @return array<string, mixed> */
    private static function members(mixed $value): array
    {
        /** @var array<string, mixed> $members JSON objects have words for keys */
        $members = \is_array($value) ? $value : [];

        return $members;
    }
}
