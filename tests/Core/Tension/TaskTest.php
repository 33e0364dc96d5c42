<?php

declare(strict_types=1);

namespace Tests\Core\Tension;

use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\TestCase;
use Schwung\Core\Tension\Symptom;
use Schwung\Core\Tension\Task;

#[CoversClass(Task::class)]
final class TaskTest extends TestCase
{
    public function testWhatComesBackHasItsTask(): void
    {
        self::assertSame(Task::CheckLeaders, Task::against(Symptom::CentreDip, true));
        self::assertSame(
            Task::LookOver,
            Task::against(Symptom::CentreDip, false),
            'a frame without leaders has none to check',
        );
        self::assertSame(Task::GetWideClamps, Task::against(Symptom::ScallopedSide, true));
        self::assertSame(Task::RestBatting, Task::against(Symptom::BattingLumps, false));
        self::assertSame(Task::TellClients, Task::against(Symptom::EdgeFullness, true));
    }

    public function testEveryTaskSaysWhatToDo(): void
    {
        self::assertCount(
            \count(Task::cases()),
            array_unique(array_map(static fn(Task $task): string => $task->words(), Task::cases())),
        );
    }
}
