<?php

declare(strict_types=1);

namespace Schwung\Core\Preparation;

use Schwung\Core\Attachment\AttachmentRule;
use Schwung\Core\Attachment\HoldingRule;
use Schwung\Core\Attachment\LoadedEdges;
use Schwung\Core\Job\PlaceWish;
use Schwung\Core\Leader\LoadPosition;
use Schwung\Core\Leader\LoadPositionRule;
use Schwung\Core\Material\End;
use Schwung\Core\Measure\Length;
use Schwung\Core\Plan\Plan;
use Schwung\Core\Practice\Distance;
use Schwung\Core\Practice\Hand;
use Schwung\Core\Practice\Practice;

/** Rules 14 and 15 together: where on leaders that have been used a quilt hangs, and every piece from there. */
final readonly class PlaceRule
{
    public function __construct(private Practice $practice) {}

    public function hold(Plan $plan, LeaderRecords $leaders, PlaceWish $wish, Hand $hand): Holding
    {
        $ranked = fn(): array => $this->places($plan, $leaders);
        $place = PlaceWish::Centre === $wish ? Length::zero() : $this->chosen($ranked(), $wish);
        if (!$place->isPositive() && !$place->isNegative() && Hand::Right === $hand) {
            return new Holding($plan->held, $place, $ranked);
        }
        $edges = new LoadedEdges($plan->job, $plan->top, $plan->chosenPlan(), $place, $hand, $this->practice);
        $rule = new HoldingRule(new AttachmentRule($this->practice));

        return new Holding($rule->hold($plan->job->load, $plan->job->frame->stock, $edges), $place, $ranked);
    }

    /** @return list<LoadPosition> */
    private function places(Plan $plan, LeaderRecords $leaders): array
    {
        $width = $plan->job->frame->leaderWidth();
        $loads = null === $width ? null : $leaders->pastLoads();
        if (null === $width || null === $loads) {
            return [];
        }
        $edge = (new LoadedEdges($plan->job, $plan->top, $plan->chosenPlan(), Length::zero()))
            ->backing(End::Lead)
            ->length();

        return (new LoadPositionRule($this->practice->at(Distance::LoadAside)))->positions(
            $loads,
            $edge,
            Length::shortest($width, $plan->job->frame->usableAcross()),
        );
    }

    /** @param list<LoadPosition> $places best first */
    private function chosen(array $places, PlaceWish $wish): Length
    {
        if (PlaceWish::InTurn === $wish) {
            return isset($places[0]) ? $places[0]->at : Length::zero();
        }
        foreach ($places as $place) {
            if ($wish === self::side($place->at)) {
                return $place->at;
            }
        }

        return Length::zero();
    }

    /** On which side of the centre mark a place lies. */
    public static function side(Length $place): PlaceWish
    {
        return match (true) {
            $place->isNegative() => PlaceWish::Left,
            $place->isPositive() => PlaceWish::Right,
            default => PlaceWish::Centre,
        };
    }
}
