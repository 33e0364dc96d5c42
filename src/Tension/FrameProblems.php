<?php

declare(strict_types=1);

namespace App\Tension;

use App\Drawing\Picture;
use App\Frames\StudioFrame;
use Schwung\Core\Tension\Pattern;
use Schwung\Core\Tension\Task;

/** What was seen on one frame. */
final readonly class FrameProblems
{
    /** So many are told in words at first; the drawing has them all. */
    public const SHOWN = 30;
    private const MORE = 100;
    private const MOST = 5030;

    /**
     * @param list<LoggedProblem> $problems the last first, as far as they are asked for
     * @param list<Pattern>       $patterns of all of them
     * @param list<Remedy>        $remedies the one that helped most often first
     */
    public function __construct(
        public StudioFrame $frame,
        public array $problems,
        public array $patterns,
        public ?Picture $picture,
        public int $loads,
        public array $remedies,
    ) {}

    /** What a link of the page asks for, whatever number somebody types: 30, 130, 230 and so on. */
    public static function shown(int $asked): int
    {
        $times = intdiv(max(0, min(self::MOST, $asked) - self::SHOWN) + self::MORE - 1, self::MORE);

        return self::SHOWN + $times * self::MORE;
    }

    public function task(Pattern $pattern): Task
    {
        return Task::against($pattern->symptom, $this->frame->kind()->hasLeaders());
    }
}
