<?php

declare(strict_types=1);

namespace App\AtTheFrame;

use App\Quilt\Sheet;
use App\Quilt\Subject;
use Schwung\Core\Frame\Frame;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\LengthWriter;

/** What has been changed of a quilt, its frame or the studio's figures since a run was begun; none of it reaches the run by itself. */
final readonly class Differences
{
    public function __construct(private LengthWriter $writer)
    {
    }

    /** @return list<array{string, string, string}> what it is, as it was begun, as it is now */
    public function between(Subject $begun, Subject $now): array
    {
        return [
            ...$this->ofSheet($begun->sheet, $now->sheet),
            ...$this->ofFrame($begun->frame, $now->frame),
            ...($begun->practice == $now->practice ? [] : [['the studio\'s figures', 'as they were', 'changed under Settings']]),
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
                $found[] = [strtr($path, ['/' => ', ', '_' => ' ', 'desk/' => '']), ($before[$path] ?? '') ?: 'nothing', ($after[$path] ?? '') ?: 'nothing'];
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
                $flat[$under.$key] = \is_bool($value) ? ($value ? 'yes' : 'no') : (\is_scalar($value) ? (string) $value : '');
            }
        }

        return $flat;
    }

    /** @return list<array{string, string, string}> */
    private function ofFrame(?Frame $begun, ?Frame $now): array
    {
        $found = [];
        foreach (null === $begun || null === $now ? [] : get_object_vars($now) as $name => $value) {
            $before = $begun->{$name};
            if ($before instanceof Length && $value instanceof Length && 0 !== $before->compareTo($value)) {
                $found[] = ['frame, '.strtolower((string) preg_replace('/[A-Z]/', ' $0', $name)), $this->writer->write($before), $this->writer->write($value)];
            }
        }

        return $found;
    }
}
