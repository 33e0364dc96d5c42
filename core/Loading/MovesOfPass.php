<?php

declare(strict_types=1);

namespace Schwung\Core\Loading;

/**
 * Where a pass begins, and the moves within it.
 *
 * @internal
 */
final readonly class MovesOfPass
{
    /**
     * @param int|null         $first the section where the pass begins; null where the whole width is in reach
     * @param array<int, Step> $steps by the section that each leads to, in order
     */
    public function __construct(public ?int $first, private array $steps) {}

    /**
     * Each move, and what is done once it is made.
     *
     * @param \Closure(int): Step $then takes the section
     *
     * @return list<Step>
     */
    public function inTurn(\Closure $then): array
    {
        $all = [];
        foreach ($this->steps as $section => $step) {
            array_push($all, $step, $then($section));
        }

        return $all;
    }
}
