<?php

declare(strict_types=1);

namespace Schwung\Core\Direction;

use Schwung\Core\Measure\Length;
use Schwung\Core\Practice\DirectionWish;
use Schwung\Core\Sizing\BackingCheck;
use Schwung\Core\Sizing\BackingState;

/**
 * Rule 13, as far as the backing decides it: the better state; among short ones the fewer whole inches missing;
 * as it is when nothing differs. A wish of the quilter's goes before all.
 */
final readonly class Choice
{
    /** @return array{Direction, Decision} */
    public function choose(DirectionWish $wish, BackingCheck $asIs, BackingCheck $turned): array
    {
        if (DirectionWish::Auto !== $wish) {
            return [Direction::from($wish->value), Decision::Asked];
        }

        return match ($this->rank($asIs) <=> $this->rank($turned)) {
            -1 => [Direction::AsIs, Decision::Backing],
            1 => [Direction::Turned, Decision::Backing],
            default => [Direction::AsIs, Decision::Tie],
        };
    }

    /** @return array{int, int} */
    private function rank(BackingCheck $check): array
    {
        $missing = Length::shortest($check->slackAcross->length(), $check->slackAlong->length())->negated();

        return match ($check->state()) {
            BackingState::Fits => [0, 0],
            BackingState::Tight => [1, 0],
            BackingState::Short => [2, (int) ceil($missing->nanometres / Length::NANOMETRES_PER_INCH)],
        };
    }
}
