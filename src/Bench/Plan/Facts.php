<?php

declare(strict_types=1);

namespace App\Bench\Plan;

use Schwung\Core\Queue\Wants;
use Schwung\Core\Queue\Workload;

/**
 * What the queue asks of a quilt.
 *
 * Made with named arguments.
 */
final readonly class Facts
{
    /**
     * @param array{float, float}|null   $top     across and along as it lies on the table, in millimetres; null while it
     *   is not measured
     * @param array<string, FrameFacts>  $frames  by the ids of the studio's frames
     * @param array<string, string>      $traits  what has to be changed for it: foot, hold, batting
     * @param int|null                   $ready   when its batting has rested or will have, if it is opened; seconds since
     *   1970
     * @param int                        $rest    minutes that its batting rests
     * @param int|null                   $planned when it is meant to be loaded; seconds since 1970
     * @param array{kind: string, across: int, along: int}|null $batting that it needs and has not got, in nanometres
     * @param float                      $thread  upper thread that it takes, in millimetres; 0 while nobody knows
     * @param list<string>               $assumed what is not known yet and was assumed: backing, batting, quilting
     */
    public function __construct(
        public ?array $top,
        public array $frames,
        public array $traits,
        public ?int $ready,
        public int $rest,
        public ?int $planned,
        public Wants $wants,
        public array $assumed,
        public ?array $batting = null,
        public float $thread = 0.0,
    ) {}

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'top' => $this->top,
            'frames' => array_map(
                static fn(FrameFacts $frame): array => [
                    'fits' => $frame->fits,
                    'sentence' => $frame->sentence,
                    'passes' => $frame->passes,
                    'across' => $frame->across,
                    'along' => $frame->along,
                    'short' => $frame->short,
                    'work' => $frame->work->parts,
                ],
                $this->frames,
            ),
            'traits' => $this->traits,
            'ready' => $this->ready,
            'rest' => $this->rest,
            'planned' => $this->planned,
            'awaited' => $this->wants->isAwaited,
            'promises' => $this->wants->promises,
            'zipped' => $this->wants->isZipped,
            'assumed' => $this->assumed,
            'batting' => $this->batting,
            'thread' => $this->thread,
        ];
    }

    /** @param array<string, mixed> $record as toArray() gave it */
    public static function fromArray(array $record): self
    {
        /** @var array{top: array{float, float}|null, frames: array<string, array{fits: bool, sentence: array<string, string>, passes: int|null, across: float, along: float, short: array{float, float}, work: array<string, array{float, float}>}>, traits: array<string, string>, ready: int|null, rest: int, planned: int|null, awaited: bool, promises: list<string>, zipped: bool, assumed: list<string>, batting?: array{kind: string, across: int, along: int}|null, thread?: float|int} $record */
        return new self(
            top: $record['top'],
            frames: array_map(
                static fn(array $frame): FrameFacts => new FrameFacts(
                    $frame['fits'],
                    $frame['sentence'],
                    $frame['passes'],
                    $frame['across'],
                    $frame['along'],
                    $frame['short'],
                    new Workload($frame['work']),
                ),
                $record['frames'],
            ),
            traits: $record['traits'],
            ready: $record['ready'],
            rest: $record['rest'],
            planned: $record['planned'],
            wants: new Wants(null, $record['awaited'], $record['promises'], $record['zipped']),
            assumed: $record['assumed'],
            batting: $record['batting'] ?? null,
            thread: (float) ($record['thread'] ?? 0.0),
        );
    }
}
