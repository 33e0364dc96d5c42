<?php

declare(strict_types=1);

namespace Schwung\Core\Queue;

use Schwung\Core\Measure\Length;

/**
 * Finds small quilts that can be loaded side by side on one backing: their widths and the gaps between them within the
 * reach, batting and thread the same, due near each other.
 *
 * First fit by depth, an everyday way of packing shelves: the deepest first, each into the first row that has room.
 */
final readonly class GangRule
{
    /** Days between the first and the last that is due. */
    private const NEAR = 10;
    /** One much shorter than the deepest leaves cloth and hours unused: at least two thirds of it. */
    private const LEAST_DEPTH = [2, 3];

    /** @param Length $gap between two tops: their margins, to cut them apart and trim them */
    public function __construct(private Length $gap) {}

    /**
     * @param list<GangTop>         $tops
     * @param array<string, Length> $reach across, by frame
     *
     * @return list<Gang> of two tops or more; no top is in two of them
     */
    public function find(array $tops, array $reach): array
    {
        usort($tops, static fn(GangTop $one, GangTop $other): int => $other->along->compareTo($one->along));
        $rows = [];
        foreach ($tops as $top) {
            foreach ($rows as $i => $row) {
                if ($this->mayJoin($top, $row, $reach[$row->frame])) {
                    $rows[$i] = new Gang($row->frame, [...$row->tops, $top], $this->gap);
                    continue 2;
                }
            }
            foreach (array_intersect($top->frames, array_map(strval(...), array_keys($reach))) as $frame) {
                if (!$top->across->isLongerThan($reach[$frame])) {
                    $rows[] = new Gang($frame, [$top], $this->gap);
                    break;
                }
            }
        }

        return array_values(array_filter($rows, static fn(Gang $row): bool => \count($row->tops) > 1));
    }

    private function mayJoin(GangTop $top, Gang $row, Length $reach): bool
    {
        $dues = array_filter(
            [$top->due, ...array_map(static fn(GangTop $other): ?int => $other->due, $row->tops)],
            static fn(?int $due): bool => null !== $due,
        );
        [$part, $of] = self::LEAST_DEPTH;

        return \in_array($row->frame, $top->frames, true) &&
            $top->alike === $row->tops[0]->alike &&
            !$row->across()->plus($this->gap)->plus($top->across)->isLongerThan($reach) &&
            !$row->tops[0]->along->scaledBy($part, $of)->isLongerThan($top->along) &&
            ([] === $dues || max($dues) - min($dues) <= self::NEAR);
    }
}
