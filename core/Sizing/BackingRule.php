<?php

declare(strict_types=1);

namespace Schwung\Core\Sizing;

use Schwung\Core\Job\Load;
use Schwung\Core\Material\Direction;
use Schwung\Core\Material\End;
use Schwung\Core\Material\Top;
use Schwung\Core\Measure\Figure;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\Term;
use Schwung\Core\Measure\Worked;
use Schwung\Core\Practice\MarginSchool;
use Schwung\Core\Practice\Practice;

/**
 * Rules 3 and 4 together: whether a backing is enough for a top loaded one way round.
 *
 * Each slack is the greatest size that still fits at the other axis's need, less the need, so that both are zero
 * or more exactly when the required rectangle fits. With a diagonal half a millimetre is forgiven.
 */
final readonly class BackingRule
{
    private MarginRule $margins;
    private LaidRule $laid;

    public function __construct(private Practice $practice)
    {
        $this->margins = new MarginRule($practice);
        $this->laid = new LaidRule($practice);
    }

    public function check(Top $top, UsableBacking $backing, Load $load, Direction $direction): BackingCheck
    {
        $cloth = $backing->loaded($direction);
        $squaredUp = $cloth->squaredUp();
        $required = $this->required($top, $load, $direction);
        $workedOut = $this->required($top, $load->withSchool(MarginSchool::WorkedOut), $direction);
        [$across, $along] = $this->slacks($cloth, $squaredUp, $required);
        [$leastAcross, $leastAlong] = $this->slacks($cloth, $squaredUp, $workedOut);

        return new BackingCheck(
            required: $required,
            workedOut: $workedOut,
            squaredUp: $squaredUp,
            laid: $this->laid->laid($required, $load, ...$this->lying($squaredUp, $required, $across, $along)),
            slackAcross: $this->worked($across, 'across', $required->across->length()),
            slackAlong: $this->worked($along, 'along', $required->along->length()),
            stateAcross: $this->state($cloth, $across, $leastAcross),
            stateAlong: $this->state($cloth, $along, $leastAlong),
        );
    }

    /** The same state without its figures, for whoever tries many ways. */
    public function stateOf(Top $top, UsableBacking $backing, Load $load, Direction $direction): BackingState
    {
        $cloth = $backing->loaded($direction);
        $squaredUp = $cloth->squaredUp();
        [$across, $along] = $this->slacks($cloth, $squaredUp, $this->required($top, $load, $direction));
        if ($this->isWithin($cloth, $across) && $this->isWithin($cloth, $along)) {
            return BackingState::Fits;
        }
        $workedOut = $this->required($top, $load->withSchool(MarginSchool::WorkedOut), $direction);
        [$leastAcross, $leastAlong] = $this->slacks($cloth, $squaredUp, $workedOut);

        return $this->state($cloth, $across, $leastAcross)->worse($this->state($cloth, $along, $leastAlong));
    }

    /**
     * The size of the cloth as it lies: the squared-up one, or the needed rectangle with what is then left of the other
     * axis, where that fits although the rectangle of greatest area is narrower or shorter.
     *
     * @return array{Length, Length} across, along
     */
    private function lying(Fit $squaredUp, RequiredSize $required, Length $slackAcross, Length $slackAlong): array
    {
        [$across, $along] = [$required->across->length(), $required->along->length()];

        return match (true) {
            $slackAcross->isNegative(), $slackAlong->isNegative() => [$squaredUp->across, $squaredUp->along],
            $squaredUp->across->isShorterThan($across) => [$across, $along->plus($slackAlong)],
            $squaredUp->along->isShorterThan($along) => [$across->plus($slackAcross), $along],
            default => [$squaredUp->across, $squaredUp->along],
        };
    }

    /**
     * What both ends want beyond the top: the only part of a need that the holds change.
     *
     * @return array{Length, Length} by the school, and worked out
     */
    public function wantedAtEnds(Load $load): array
    {
        $least = array_map(
            fn(End $end): Length => $this->practice->grip($load->holdingAt($end), $end)->total(),
            End::cases(),
        );
        $school = $this->practice->schoolMargin($load->school) ?? Length::zero();
        $asked = array_map(static fn(Length $length): Length => Length::longest($school, $length), $least);

        return [Length::zero()->plus(...$asked), Length::zero()->plus(...$least)];
    }

    /** The rectangle that a top needs with the margins in force. */
    public function required(Top $top, Load $load, Direction $direction): RequiredSize
    {
        $along = $top->along($direction);

        return RequiredSize::of($top->across($direction), $along, $this->margins->margins($load, $along, $top->edge));
    }

    /** @return array{Length, Length} across, along */
    private function slacks(UsableBacking $cloth, Fit $squaredUp, RequiredSize $required): array
    {
        return $this->slack($cloth, $squaredUp, $required->across->length(), $required->along->length());
    }

    /** @return array{Length, Length} across, along */
    private function slack(UsableBacking $cloth, Fit $squaredUp, Length $across, Length $along): array
    {
        $forgiven = $cloth->isSquareKnown ? $this->practice->forgivenWithDiagonal : Length::zero();
        $widest = $cloth->widestAt($along->minus($forgiven)) ?? $squaredUp->across;
        $longest = $cloth->longestAt($across->minus($forgiven)) ?? $squaredUp->along;

        return [$widest->minus($across), $longest->minus($along)];
    }

    /**
     * What a cloth gives beyond a need: where the need fits, each way at the other's; else what the cloth squared up
     * has each way, less the need.
     *
     * @return array{Length, Length} across, along; below zero is what is missing
     */
    public function spare(UsableBacking $cloth, Length $across, Length $along): array
    {
        $squaredUp = $cloth->squaredUp();
        $slack = $this->slack($cloth, $squaredUp, $across, $along);

        return $this->isWithin($cloth, $slack[0]) && $this->isWithin($cloth, $slack[1])
            ? array_map(static fn(Length $length): Length => Length::longest(Length::zero(), $length), $slack)
            : [$squaredUp->across->minus($across), $squaredUp->along->minus($along)];
    }

    private function state(UsableBacking $cloth, Length $slack, Length $leastSlack): BackingState
    {
        return match (true) {
            $this->isWithin($cloth, $slack) => BackingState::Fits,
            $this->isWithin($cloth, $leastSlack) => BackingState::Tight,
            default => BackingState::Short,
        };
    }

    private function isWithin(UsableBacking $cloth, Length $slack): bool
    {
        return !$slack->isShorterThan(
            $cloth->isSquareKnown ? $this->practice->forgivenWithDiagonal->negated() : Length::zero(),
        );
    }

    private function worked(Length $slack, string $axis, Length $required): Worked
    {
        $forgiven = $slack->isNegative() && !$slack->isShorterThan($this->practice->forgivenWithDiagonal->negated());

        return new Worked(
            $forgiven ? Figure::measured($slack) : Figure::left($slack),
            "What the cloth gives $axis at the size needed the other way, less what is needed. What is left over " .
                'cannot be used up both ways at once.',
            [
                new Term('there', Figure::left($required->plus($slack)), 'backing, squared up'),
                new Term('needed', Figure::needed($required), 'top and margins'),
            ],
        );
    }
}
