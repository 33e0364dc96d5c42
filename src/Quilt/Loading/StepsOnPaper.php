<?php

declare(strict_types=1);

namespace App\Quilt\Loading;

use App\Quilt\Stage\LoadView;
use Schwung\Core\Loading\Step;
use Schwung\Core\Loading\Weight;
use Schwung\Core\Measure\LengthWriter;
use Schwung\Core\Measure\UnitSystem;

/**
 * How the steps of a load share two sides of paper: what is left under the drawings of the first, then the second, each
 * in two columns, in letters as large as fit. Heights are estimates from the number of letters.
 */
final readonly class StepsOnPaper
{
    public const MOST_POINTS = 9.0;
    private const LEAST_POINTS = 6.4;
    /** So many letters of one point go into a line of a column. */
    private const LETTERS_TIMES_POINTS = 415;
    /** The box and the number before a step. */
    private const NUMBER_LETTERS = 6;
    /** The word before what to look at. */
    private const LOOK_LETTERS = 7;
    private const LINE_OF_POINT_MM = 0.4;
    private const AFTER_MM = 0.7;
    private const HEADING_MM = 5.8;
    /** A line over both columns. */
    private const LINE_MM = 4.6;
    /** Estimates of lines are now and then a little short. */
    private const SURE = 0.97;
    /** What could be left out goes in only where it is surer still. */
    private const SURE_OF_MORE = 0.95;
    /** Less room than this under the drawings is left white. */
    private const LEAST_ROOM_MM = 24.0;

    /**
     * @param float                                  $points of the letters
     * @param list<array{list<Step>, list<Step>}>    $sides  the columns of each
     * @param list<string>                           $checked the keys of the steps that have room for what to look at as well
     */
    private function __construct(public float $points, public array $sides, public array $checked = []) {}

    /**
     * @param float $under  millimetres under the drawings of the first side
     * @param float $second millimetres on the second
     */
    public static function of(LoadView $view, float $under, float $second): self
    {
        $steps = $view->told();
        $letters = self::letters($view, $steps);
        $before = self::LINE_MM * (\count($view->promises) + 2 * \count($view->stuck) + 1);
        $rooms = [
            self::SURE * ($under - $before) < self::LEAST_ROOM_MM ? 0.0 : self::SURE * ($under - $before),
            self::SURE * ($second - ($under - $before < self::LEAST_ROOM_MM ? $before : 0.0)),
        ];
        $sides = self::filled($steps, self::heights($letters, self::MOST_POINTS), $rooms);
        if (null !== $sides) {
            return self::withChecks($sides, $steps, $letters, self::wanted($view, $steps), $rooms);
        }
        for ($points = self::MOST_POINTS; $points > self::LEAST_POINTS; $points -= 0.1) {
            $sides = self::filled($steps, self::heights($letters, $points), $rooms);
            if (null !== $sides) {
                return new self(round($points, 1), $sides);
            }
        }
        $half = intdiv(\count($steps) + 1, 2);

        return new self(self::LEAST_POINTS, [[[], []], [\array_slice($steps, 0, $half), \array_slice($steps, $half)]]);
    }

    /**
     * As many checks as there is room for: of what must not be left out first, then the short ones.
     *
     * @param list<array{list<Step>, list<Step>}> $sides   without any
     * @param list<Step>                          $steps
     * @param list<int>                           $letters of each step without its check
     * @param array<int, int>                     $checks  letters of each step's check, the most wanted first
     * @param array{float, float}                 $rooms
     */
    private static function withChecks(array $sides, array $steps, array $letters, array $checks, array $rooms): self
    {
        $checked = [];
        $first = \count($sides[0][0]) + \count($sides[0][1]);
        $rooms[1] *= self::SURE_OF_MORE;
        foreach ($checks as $at => $count) {
            // Under the drawings it is tight: the first side stays as it is.
            if ($at < $first) {
                continue;
            }
            $more = $letters;
            $more[$at] += $count;
            $filled = self::filled($steps, self::heights(array_values($more), self::MOST_POINTS), $rooms);
            if (null !== $filled) {
                [$sides, $letters] = [$filled, array_values($more)];
                $checked[] = $steps[$at]->key;
            }
        }

        return new self(self::MOST_POINTS, $sides, $checked);
    }

    /** Whether paper has room for what a step says to look at. */
    public function checks(Step $step): bool
    {
        return \in_array($step->key, $this->checked, true);
    }

    /** Whether anything stands under the drawings of the first side. */
    public function startsOnTheFirst(): bool
    {
        return [] !== $this->sides[0][0];
    }

    /**
     * @param list<Step>            $steps
     * @param list<float>           $heights
     * @param array{float, float}   $rooms of a column on each side
     *
     * @return list<array{list<Step>, list<Step>}>|null where they do not fit
     */
    private static function filled(array $steps, array $heights, array $rooms): ?array
    {
        [$sides, $from] = [[], 0];
        foreach ($rooms as $room) {
            $columns = [];
            for ($i = 0; $i < 2; ++$i) {
                $to = self::reach($steps, $heights, $from, $room);
                $columns[] = \array_slice($steps, $from, $to - $from);
                $from = $to;
            }
            $sides[] = [$columns[0], $columns[1]];
        }

        return $from === \count($steps) ? $sides : null;
    }

    /**
     * How far the steps from there on go in one column; a heading does not stand alone at its end.
     *
     * @param list<Step>  $steps
     * @param list<float> $heights
     */
    private static function reach(array $steps, array $heights, int $from, float $room): int
    {
        [$used, $group, $at] = [0.0, null, $from];
        while ($at < \count($steps)) {
            $used += $heights[$at] + ($group === $steps[$at]->group ? 0.0 : self::HEADING_MM);
            if ($used > $room) {
                break;
            }
            $group = $steps[$at]->group;
            ++$at;
        }

        return $at;
    }

    /**
     * @param list<Step> $steps
     *
     * @return list<int> how many letters each has on paper
     */
    private static function letters(LoadView $view, array $steps): array
    {
        $writer = new LengthWriter(UnitSystem::Inches);

        return array_map(
            static fn(Step $step): int => self::NUMBER_LETTERS +
                mb_strlen($step->text->do->writtenBy($writer)) +
                mb_strlen($view->cautionOnPaper($step)?->writtenBy($writer) ?? ''),
            $steps,
        );
    }

    /**
     * @param list<Step> $steps
     *
     * @return array<int, int> by the step's place, how many letters its check has
     */
    private static function wanted(LoadView $view, array $steps): array
    {
        $writer = new LengthWriter(UnitSystem::Inches);
        $letters = array_filter(
            array_map(
                static fn(Step $step): int => mb_strlen($view->checkOnPaper($step)?->writtenBy($writer) ?? ''),
                $steps,
            ),
        );
        uksort(
            $letters,
            static fn(int $one, int $other): int => [Weight::Must !== $steps[$one]->weight, $letters[$one], $one] <=> [
                Weight::Must !== $steps[$other]->weight,
                $letters[$other],
                $other,
            ],
        );

        return array_map(static fn(int $count): int => $count + self::LOOK_LETTERS, $letters);
    }

    /**
     * @param list<int> $letters
     *
     * @return list<float> how high each step is in a column, in millimetres
     */
    private static function heights(array $letters, float $points): array
    {
        return array_map(
            static fn(int $count): float => ceil(($count * $points) / self::LETTERS_TIMES_POINTS) *
                $points *
                self::LINE_OF_POINT_MM +
                self::AFTER_MM,
            $letters,
        );
    }
}
