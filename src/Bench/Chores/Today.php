<?php

declare(strict_types=1);

namespace App\Bench\Chores;

use App\Account\Studio;
use App\Bench\Plan\PlanRead;
use App\Bench\WallClock;
use App\Public\ProposalRepository;
use App\Quilt\Quilt;
use App\Quilt\QuiltRepository;
use App\Tension\StudioTask;
use App\Tension\StudioTaskRepository;
use Schwung\Core\Measure\UnitSystem;
use Schwung\Core\Queue\Chore;
use Schwung\Core\Queue\ChoreKind;
use Schwung\Core\Queue\WorkingTime;
use Schwung\Core\Tension\Task;
use Symfony\Component\Routing\Generator\UrlGeneratorInterface;

/** What is to be done now, today and next, from wherever it comes. */
final readonly class Today
{
    /** What is farther ahead is no task of today's. */
    private const DAYS = 2;
    private const READ = 'read ';
    private const MOST = 24;
    private const MOST_PROMISED = 8;

    public function __construct(
        private StudioChoreRepository $chores,
        private StudioTaskRepository $tasks,
        private QuiltRepository $quilts,
        private ProposalRepository $proposals,
        private UrlGeneratorInterface $urls,
    ) {}

    /** @return list<ToDo> what was written down without an hour first, then by its hour; what else has none last */
    public function of(Studio $studio, ?PlanRead $plan, WallClock $clock, UnitSystem $units): array
    {
        [$all, $promised] = [[], []];
        $done = array_flip($this->chores->findDoneKeys($studio, $clock->firstDay->modify('-90 days')));
        $words = null === $plan ? null : new ChoreWords($plan);
        foreach ($plan?->chores() ?? [] as $chore) {
            \assert(null !== $plan && null !== $words);
            $shift = WorkingTime::DAY * $clock->dayOf($plan->clock->firstDay);
            $by = null === $chore->by ? null : $chore->by + $shift;
            if (ChoreKind::AtTheTable === $chore->kind) {
                // Told below, with its sizes, and whether or not the quilt stands in the queue.
                $promised["$chore->quilt $chore->of"] = $by;
            } elseif (!isset($done[$chore->key]) && (null === $by || $by < self::DAYS * WorkingTime::DAY)) {
                // What had to be done at once when the queue was worked out is not late for that.
                $late = $shift + $plan->clock->now;
                $all[] = $this->toDo($chore, $by, $words->of($chore), $clock, $late);
            }
        }
        foreach ($this->chores->findOpen($studio) as $typed) {
            $by = null === $typed->by ? null : $clock->minuteOf($typed->by);
            $all[] = new ToDo($typed->key, $typed->text, $by, self::when($by, $clock), self::isLate($by, $clock));
        }
        foreach ($this->quilts->findPromised($studio, self::MOST_PROMISED) as $quilt) {
            foreach ($quilt->promises($units) as $key => $words) {
                $by = $promised["{$quilt->id()} $key"] ?? null;
                $all[] = $this->ofPromise($quilt, $key, $words, $by, $clock);
            }
        }
        foreach ($this->proposals->findWaiting($studio) as $quilt) {
            $all[] = new ToDo(
                self::READ . $quilt->id(),
                "Read what {$quilt->client()} has sent about {$quilt->title()}.",
                null,
                '',
                false,
                $this->urls->generate('app_clients_messages', ['id' => $quilt->id()]),
                true,
                quilt: (string) $quilt->id(),
            );
        }
        foreach ($this->tasks->findOpen($studio) as $task) {
            $all[] = $this->ofTension($task);
        }
        // What somebody wrote down without an hour is meant for now, and a client waits for an answer.
        $order = static fn(ToDo $one): int => $one->by ??
            (str_starts_with($one->key, 'typed ') || str_starts_with($one->key, self::READ)
                ? \PHP_INT_MIN
                : \PHP_INT_MAX);
        usort($all, static fn(ToDo $one, ToDo $other): int => $order($one) <=> $order($other));

        return \array_slice($all, 0, self::MOST);
    }

    private function toDo(Chore $chore, ?int $by, string $words, WallClock $clock, int $late): ToDo
    {
        $link = match ($chore->kind) {
            ChoreKind::GoOn => $this->urls->generate('app_frame_show', ['id' => $chore->quilt]),
            ChoreKind::Load, ChoreKind::AtTheTable => $this->urls->generate('app_quilt_stage', [
                'id' => $chore->quilt,
                'stage' => 'load',
            ]),
            ChoreKind::Unpack, ChoreKind::AskClient, ChoreKind::PinZips => $this->urls->generate('app_quilt_stage', [
                'id' => $chore->quilt,
                'stage' => 'backing',
            ]),
            ChoreKind::BuyThread => $this->urls->generate('app_shelf_recipe', ['id' => $chore->quilt]),
            ChoreKind::Buy => $this->urls->generate('app_shelf_index', ['quilt' => $chore->quilt]),
            ChoreKind::CheckLeader => $this->urls->generate('app_leaders_index', ['frame' => $chore->frame]),
            ChoreKind::Needle, ChoreKind::Service => null,
        };

        return new ToDo(
            $chore->key,
            $words,
            $by,
            self::when($by, $clock),
            null !== $by && $by < $late,
            $link,
            // What its own record ends is not ticked here.
            \in_array($chore->kind, [ChoreKind::GoOn, ChoreKind::Load, ChoreKind::CheckLeader], true),
            quilt: $chore->quilt,
        );
    }

    private function ofPromise(Quilt $quilt, string $key, string $words, ?int $by, WallClock $clock): ToDo
    {
        return new ToDo(
            "promise {$quilt->id()} $key",
            $words,
            $by,
            self::when($by, $clock),
            self::isLate($by, $clock),
            $this->urls->generate('app_quilt_stage', ['id' => $quilt->id(), 'stage' => 'load']),
            quilt: (string) $quilt->id(),
            promise: $key,
            why: $quilt->title() . (null === $quilt->due() ? '' : ', due ' . $quilt->due()->format('j M')),
        );
    }

    private function ofTension(StudioTask $task): ToDo
    {
        return new ToDo(
            'tension ' . $task->id(),
            $task->task->words() . ', ' . $task->frame->name() . '.',
            null,
            '',
            false,
            Task::CheckLeaders === $task->task
                ? $this->urls->generate('app_leaders_index', ['frame' => $task->frame->id()])
                : $this->urls->generate('app_frames_edit', ['id' => $task->frame->id()]),
            tension: (string) $task->id(),
            why: $task->why,
        );
    }

    private static function when(?int $by, WallClock $clock): string
    {
        if (null === $by) {
            return '';
        }
        $day = (int) floor($by / WorkingTime::DAY);

        return match ($day) {
            0 => $by <= $clock->now ? 'now' : 'by ' . $clock->at($by)->format('G:i'),
            1 => 'tomorrow by ' . $clock->at($by)->format('G:i'),
            default => 'by ' . $clock->at($by)->format('D j M G:i'),
        };
    }

    private static function isLate(?int $by, WallClock $clock): bool
    {
        return null !== $by && $by < $clock->now;
    }
}
