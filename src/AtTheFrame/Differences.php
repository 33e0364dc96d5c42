<?php

declare(strict_types=1);

namespace App\AtTheFrame;

use App\Quilt\Sheet;
use App\Quilt\Subject;
use Schwung\Core\Frame\Frame;
use Schwung\Core\Frame\FrameMeasure;
use Schwung\Core\Frame\HoldingSystem;
use Schwung\Core\Frame\StockPiece;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\LengthWriter;

/**
 * What has been changed of a quilt, its frame or the studio's figures since a run was begun; none of it reaches the run
 * by itself.
 */
final readonly class Differences
{
    public function __construct(private LengthWriter $writer) {}

    /** @return list<array{string, string, string}> what it is, as it was begun, as it is now */
    public function between(Subject $begun, Subject $now): array
    {
        return [
            ...$this->ofSheet($begun->sheet, $now->sheet),
            ...$this->ofFrame($begun->frame, $now->frame),
            ...$begun->practice == $now->practice
                ? []
                : [['the studio\'s figures', 'as they were', 'changed under Settings']],
        ];
    }

    /** @return list<array{string, string, string}> */
    private function ofSheet(Sheet $begun, Sheet $now): array
    {
        [$before, $after] = [$this->flat($begun->toArray()), $this->flat($now->toArray())];
        $found = [];
        foreach ($after + $before as $path => $ignored) {
            // Where the quilt hangs was settled when the run began.
            if (($before[$path] ?? '') !== ($after[$path] ?? '') && 'desk/position' !== $path) {
                $found[] = [
                    strtr($path, ['/' => ', ', '_' => ' ', 'desk/' => '']),
                    $before[$path] ?? '' ?: 'nothing',
                    $after[$path] ?? '' ?: 'nothing',
                ];
            }
        }

        return $found;
    }

    /**
     * @param array<mixed> $members
     *
     * @return array<string, string> by path
     */
    private function flat(array $members, string $under = ''): array
    {
        $flat = [];
        foreach ($members as $key => $value) {
            if (\is_array($value)) {
                $flat += $this->flat($value, "$under$key/");
            } else {
                $flat[$under . $key] = \is_bool($value)
                    ? ($value
                        ? 'yes'
                        : 'no')
                    : (\is_scalar($value)
                        ? (string) $value
                        : '');
            }
        }

        return $flat;
    }

    /**
     * Every measure, and what else a plan goes by: kind, teeth, holding systems at hand and their pieces.
     *
     * @return list<array{string, string, string}>
     */
    private function ofFrame(?Frame $begun, ?Frame $now): array
    {
        if (null === $begun || null === $now) {
            return [];
        }
        $pairs = ['kind' => [$begun->kind->words(), $now->kind->words()]];
        foreach (FrameMeasure::cases() as $measure) {
            $pairs[lcfirst($measure->words())] = [
                $this->length($begun->at($measure)),
                $this->length($now->at($measure)),
            ];
        }
        $pairs['ratchet teeth'] = [(string) $begun->ratchetTeeth, (string) $now->ratchetTeeth];
        $pairs['side clamps'] = [(string) $begun->sideClamps?->words(), (string) $now->sideClamps?->words()];
        $pairs['ways of holding'] = [$this->methods($begun), $this->methods($now)];
        foreach (HoldingSystem::cases() as $system) {
            $pairs[$system->words() . ' at hand'] = [$this->pieces($begun, $system), $this->pieces($now, $system)];
        }
        $changed = array_filter($pairs, static fn(array $pair): bool => $pair[0] !== $pair[1]);

        return array_map(
            static fn(string $name, array $pair): array => [
                "frame, $name",
                $pair[0] ?: 'nothing',
                $pair[1] ?: 'nothing',
            ],
            array_keys($changed),
            $changed,
        );
    }

    private function length(?Length $length): string
    {
        return null === $length ? '' : $this->writer->write($length);
    }

    private function methods(Frame $frame): string
    {
        return implode(', ', array_map(static fn(HoldingSystem $system): string => $system->words(), $frame->methods));
    }

    private function pieces(Frame $frame, HoldingSystem $system): string
    {
        return implode(
            ', ',
            array_map(
                fn(StockPiece $piece): string => $piece->count . ' × ' . $this->writer->write($piece->length),
                $frame->stock->of($system),
            ),
        );
    }
}
