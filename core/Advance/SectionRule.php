<?php

declare(strict_types=1);

namespace Schwung\Core\Advance;

use Schwung\Core\Material\TopSeam;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\Near;

/**
 * Rule 11: a quilt wider than the frame's reach is worked in sections that overlap; as few as there can be, their
 * bounds on seams where that costs no section more (rule 10 with a constant depth).
 */
final readonly class SectionRule
{
    /** A section outweighs every cut block. */
    private const SECTION_COST = 10_000;

    public function __construct(private Length $overlap) {}

    /** How many sections, or null where the reach is no more than the overlap. */
    public function count(Length $across, Length $reach): ?int
    {
        $each = $reach->minus($this->overlap);

        return match (true) {
            !$across->isLongerThan($reach) => 1,
            !$each->isPositive() => null,
            default => (int) ceil($across->minus($this->overlap)->nanometres / $each->nanometres),
        };
    }

    /**
     * @param list<TopSeam> $seams from the left edge
     *
     * @return list<Section> from left to right; empty where the reach is no more than the overlap
     */
    public function sections(Length $across, Length $reach, array $seams): array
    {
        if (1 === $this->count($across, $reach)) {
            return [new Section(1, Length::zero(), $across, null)];
        }
        $whole = $reach->toMillimetres();
        $later = $reach->minus($this->overlap)->toMillimetres();
        $bounds = (new StopFinder(self::SECTION_COST))->find(
            SeamGrid::of($across, $seams),
            static fn(float $place): float => $place < Near::MILLIMETRES ? $whole : $later,
        );
        if (null === $bounds) {
            return [];
        }
        $sections = [];
        $from = Length::zero();
        foreach ($bounds as $i => $bound) {
            $sections[] = new Section($i + 1, $from, $bound->at, $bound->kind);
            $from = $bound->at->minus($this->overlap);
        }

        return [...$sections, new Section(\count($bounds) + 1, $from, $across, null)];
    }
}
