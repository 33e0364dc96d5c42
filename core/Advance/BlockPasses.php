<?php

declare(strict_types=1);

namespace Schwung\Core\Advance;

use Schwung\Core\Measure\Phrase;

/** Rule 10 on a roll: block work from the edge where it begins, each pass as deep as the roll leaves it. */
final readonly class BlockPasses
{
    public function __construct(private Roll $roll) {}

    /**
     * @param float $begin millimetres that are already wound on where the work begins
     * @param float $from  millimetres of the grid before which nothing can be stitched
     */
    public function plan(SeamGrid $grid, float $begin = 0.0, float $from = 0.0): BlockPlan
    {
        $stops = (new StopFinder())->find($grid, fn(float $place): float => $this->roll->depth($begin + $place));
        if (null === $stops) {
            return new BlockPlan(
                [],
                PassPlan::of(
                    $this->roll,
                    [],
                    Phrase::of('No pass can be made: the roll leaves no depth to stitch in.'),
                ),
            );
        }
        $places = [
            0.0,
            ...array_map(static fn(Stop $stop): float => $stop->at->toMillimetres(), $stops),
            $grid->length,
        ];
        $steps = [];
        for ($i = 1; $i < \count($places); ++$i) {
            $at = $begin + $places[$i - 1];
            $steps[] = new Step($at, 1 === $i ? $at + min($from, $places[1]) : $at, $begin + $places[$i]);
        }

        return new BlockPlan($stops, PassPlan::of($this->roll, $steps));
    }
}
