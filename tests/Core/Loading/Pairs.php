<?php

declare(strict_types=1);

namespace Tests\Core\Loading;

use Schwung\Core\Practice\LoadingHabits;

/** Few sets of schools in which every answer to a question meets every answer to every other. */
final class Pairs
{
    /** @return iterable<LoadingHabits> */
    public static function ofHabits(): iterable
    {
        $cases = [];
        foreach (get_object_vars(new LoadingHabits()) as $question => $usual) {
            if ($usual instanceof \BackedEnum) {
                $cases[$question] = $usual::cases();
            }
        }
        foreach (self::rows(array_map(\count(...), array_values($cases))) as $row) {
            $answers = [];
            foreach (array_keys($cases) as $i => $question) {
                $answers[$question] = $cases[$question][$row[$i]];
            }
            // @phpstan-ignore argument.type (the names and types are those of that class)
            yield new LoadingHabits(...$answers);
        }
    }

    /**
     * Each row begins with a pair that has not met yet; every further answer is the one that meets most of those chosen
     * before it for the first time.
     *
     * @param list<int> $sizes how many answers each question has
     *
     * @return iterable<list<int>>
     */
    private static function rows(array $sizes): iterable
    {
        $open = [];
        foreach ($sizes as $i => $size) {
            for ($k = $i + 1; $k < \count($sizes); ++$k) {
                foreach (range(0, $size - 1) as $a) {
                    foreach (range(0, $sizes[$k] - 1) as $b) {
                        $open["$i=$a $k=$b"] = [$i => $a, $k => $b];
                    }
                }
            }
        }
        while ([] !== $open) {
            $row = reset($open);
            foreach ($sizes as $i => $size) {
                $row[$i] ??= self::best($i, $size, $row, $open);
            }
            ksort($row);
            foreach ($row as $i => $a) {
                foreach ($row as $k => $b) {
                    unset($open["$i=$a $k=$b"]);
                }
            }
            yield array_values($row);
        }
    }

    /**
     * @param array<int, int>                    $row
     * @param array<string, array<int, int>>     $open
     */
    private static function best(int $question, int $size, array $row, array $open): int
    {
        [$best, $most] = [0, -1];
        for ($answer = 0; $answer < $size; ++$answer) {
            $meets = 0;
            foreach ($row as $k => $b) {
                $pair = $k < $question ? "$k=$b $question=$answer" : "$question=$answer $k=$b";
                $meets += isset($open[$pair]) ? 1 : 0;
            }
            if ($meets > $most) {
                [$best, $most] = [$answer, $meets];
            }
        }

        return $best;
    }
}
