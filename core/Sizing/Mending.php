<?php

declare(strict_types=1);

namespace Schwung\Core\Sizing;

use Schwung\Core\Material\Backing;
use Schwung\Core\Material\BackingSeam;
use Schwung\Core\Material\Direction;
use Schwung\Core\Material\SeamDirection;
use Schwung\Core\Measure\Length;

/** The backing as it will be once the strips are on or the new one is pieced, in its own position. */
final readonly class Mending
{
    public function extended(Backing $backing, ExtensionPlan $plan, Direction $direction): Backing
    {
        $seams = [];
        foreach ($plan->strips as $strip) {
            foreach ($strip->edges as $edge) {
                $seams[] = $this->stripSeam($edge, $strip->adds, $plan);
            }
        }

        return $this->remade($backing, $plan->across, $plan->along, $seams, $direction);
    }

    public function pieced(
        Backing $backing,
        PiecingPlan $plan,
        Length $across,
        Length $along,
        Direction $direction,
    ): Backing {
        $seams = array_map(
            static fn(Length $at): array => PiecingWay::AlongRails === $plan->way
                ? [SeamDirection::Across, $at]
                : [SeamDirection::Along, $across->half()->plus($at)],
            $plan->seams,
        );

        return $this->remade($backing, $across, $along, $seams, $direction);
    }

    /** A new one whose bolt is not known yet, and so where its seams will lie. */
    public function renewed(Backing $backing, Length $across, Length $along, Direction $direction): Backing
    {
        return $this->remade($backing, $across, $along, [], $direction);
    }

    /**
     * @param 'lead'|'tail'|'left'|'right' $edge
     *
     * @return array{SeamDirection, Length}
     */
    private function stripSeam(string $edge, Length $adds, ExtensionPlan $plan): array
    {
        return match ($edge) {
            'lead' => [SeamDirection::Across, $adds],
            'tail' => [SeamDirection::Across, $plan->along->minus($adds)],
            'left' => [SeamDirection::Along, $adds],
            'right' => [SeamDirection::Along, $plan->across->minus($adds)],
        };
    }

    /**
     * From the loaded position back to the backing's own: loaded across is its along where the quilt is turned.
     *
     * @param list<array{SeamDirection, Length}> $seams
     */
    private function remade(
        Backing $backing,
        Length $across,
        Length $along,
        array $seams,
        Direction $direction,
    ): Backing {
        if (Direction::AsIs === $direction) {
            return $backing->remadeTo(
                $across,
                $along,
                array_map(static fn(array $seam): BackingSeam => new BackingSeam($seam[0], $seam[1]), $seams),
            );
        }

        return $backing->remadeTo(
            $along,
            $across,
            array_map(
                static fn(array $seam): BackingSeam => SeamDirection::Across === $seam[0]
                    ? new BackingSeam(SeamDirection::Along, $seam[1])
                    : new BackingSeam(SeamDirection::Across, $across->minus($seam[1])),
                $seams,
            ),
        );
    }
}
