<?php

declare(strict_types=1);

namespace App\Tension;

use App\Account\Studio;
use App\AtTheFrame\MomentMs;
use App\Frames\StudioFrame;
use Doctrine\DBAL\Connection;
use Schwung\Core\Running\EntryKind;
use Schwung\Core\Tension\Cause;
use Schwung\Core\Tension\CauseEntry;
use Schwung\Core\Tension\Knowledge;
use Schwung\Core\Tension\Layer;
use Schwung\Core\Tension\Symptom;
use Symfony\Component\Uid\Ulid;

/** Reads what all loads of a studio have met, thousands of them, without bringing quilts and plans to life. */
final readonly class ProblemLog
{
    private const FROM =
        'FROM log_entry e INNER JOIN run r ON r.id = e.run_id INNER JOIN quilt q ON q.id = ' .
        'r.quilt_id WHERE q.studio_id = :studio AND e.kind = :kind';

    public function __construct(private Connection $connection) {}

    /**
     * @param StudioFrame|null $frame of all where none is named
     *
     * @return list<LoggedProblem> the last first, without what was corrected
     *                             and without words that are not known any more
     */
    public function problems(Studio $studio, ?StudioFrame $frame = null): array
    {
        $corrected = [];
        foreach ($this->rows('SELECT e.run_id, e.data', $studio, EntryKind::Correction) as $row) {
            $corrected[$row['run_id'] . ' ' . $this->data($row)['of']] = true;
        }
        $causes = $this->causes($studio);
        $problems = [];
        foreach (
            $this->rows(
                'SELECT e.run_id, e.entry_key, e.at_ms, e.data, q.id AS quilt_id, q.title, q.frame_id',
                $studio,
                EntryKind::Problem,
                $frame,
            )
            as $row
        ) {
            $problem = isset($corrected[$row['run_id'] . ' ' . $row['entry_key']])
                ? null
                : $this->problem($row, $causes);
            if (null !== $problem) {
                $problems[] = $problem;
            }
        }
        usort($problems, static fn(LoggedProblem $one, LoggedProblem $other): int => $other->at <=> $one->at);

        return $problems;
    }

    /** @return array<string, list<string>> ids of runs by id of their frame, the oldest first */
    public function loads(Studio $studio): array
    {
        $loads = [];
        foreach (
            $this->connection->iterateNumeric(
                'SELECT r.id, q.frame_id FROM run r INNER JOIN quilt q ON q.id = r.quilt_id WHERE q.studio_id = ? ' .
                    'AND q.frame_id IS NOT NULL ORDER BY r.started, r.id',
                [$studio->id()->toBinary()],
            )
            as [$run, $frame]
        ) {
            $loads[$this->id($frame)][] = $this->id($run);
        }

        return $loads;
    }

    /**
     * @return list<array{run: string, of: string, cause: string, action: string, worked: bool}> what was done against
     * problems, the last first
     */
    public function fixes(Studio $studio): array
    {
        $fixes = [];
        foreach ($this->rows('SELECT e.run_id, e.data', $studio, EntryKind::Fixed) as $row) {
            $data = $this->data($row);
            $fixes[] = [
                'run' => $this->id($row['run_id']),
                'of' => $data['of'],
                'cause' => $data['cause'],
                'action' => $data['action'],
                'worked' => true === $data['worked'],
            ];
        }

        return $fixes;
    }

    /** @return iterable<array<string, string|null>> */
    private function rows(string $select, Studio $studio, EntryKind $kind, ?StudioFrame $frame = null): iterable
    {
        /** @var iterable<array<string, string|null>> $rows */
        $rows = $this->connection->iterateAssociative(
            $select . ' ' . self::FROM . (null === $frame ? '' : ' AND q.frame_id = :frame') . ' ORDER BY e.id DESC',
            [
                'studio' => $studio->id()->toBinary(),
                'kind' => $kind->value,
                ...null === $frame ? [] : ['frame' => $frame->id()->toBinary()],
            ],
        );

        return $rows;
    }

    /** @return array<string, CauseEntry> what a remedy helped against, by run and problem; the last that did */
    private function causes(Studio $studio): array
    {
        $causes = [];
        foreach ($this->fixes($studio) as $fix) {
            $cause = Cause::tryFrom($fix['cause']);
            if ($fix['worked'] && null !== $cause) {
                $causes[$fix['run'] . ' ' . $fix['of']] ??= Knowledge::ofTheTrade()->of($cause);
            }
        }

        return $causes;
    }

    /**
     * @param array<string, string|null> $row
     * @param array<string, CauseEntry>  $causes
     */
    private function problem(array $row, array $causes): ?LoggedProblem
    {
        $data = $this->data($row);
        $run = $this->id($row['run_id']);
        [$symptom, $layer] = [Symptom::tryFrom($data['seen']), Layer::tryFrom($data['layer'])];

        return null === $symptom || null === $layer
            ? null
            : new LoggedProblem(
                key: (string) $row['entry_key'],
                run: $run,
                quilt: $this->id($row['quilt_id']),
                title: (string) $row['title'],
                frame: null === $row['frame_id'] ? null : $this->id($row['frame_id']),
                at: MomentMs::toMoment((int) $row['at_ms']),
                symptom: $symptom,
                layer: $layer,
                x: $data['x'],
                y: $data['y'],
                action: $data['action'],
                cause: $causes[$run . ' ' . $row['entry_key']] ?? null,
            );
    }

    /**
     * @param array<string, string|null> $row
     *
     * @return array{
     *     of: string, cause: string, action: string, worked: bool, seen: string, layer: string,
     *     x: float|null, y: float|null
     * }
     */
    private function data(array $row): array
    {
        $data = json_decode((string) $row['data'], true);
        $data = \is_array($data) ? $data : [];
        $text = static fn(string $name): string => \is_string($data[$name] ?? null) ? $data[$name] : '';
        $number = static fn(string $name): ?float => is_numeric($data[$name] ?? null) ? (float) $data[$name] : null;

        return [
            'of' => $text('of'),
            'cause' => $text('cause'),
            'action' => $text('action'),
            'worked' => true === ($data['worked'] ?? null),
            'seen' => $text('seen'),
            'layer' => $text('layer'),
            'x' => $number('x'),
            'y' => $number('y'),
        ];
    }

    private function id(mixed $binary): string
    {
        return (string) Ulid::fromBinary(\is_string($binary) ? $binary : '');
    }
}
