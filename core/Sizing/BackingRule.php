<?php

declare(strict_types=1);

namespace Schwung\Core\Sizing;

use Schwung\Core\Job\Load;
use Schwung\Core\Material\Direction;
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

    public function __construct(private Practice $practice)
    {
        $this->margins = new MarginRule($practice);
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
            $required,
            $workedOut,
            $squaredUp,
            $this->worked($across, 'across', $required->across->length()),
            $this->worked($along, 'along', $required->along->length()),
            $this->state($cloth, $across, $leastAcross),
            $this->state($cloth, $along, $leastAlong),
        );
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
        $forgiven = $cloth->isSquareKnown ? $this->practice->forgivenWithDiagonal : Length::zero();
        $across = $required->across->length();
        $along = $required->along->length();
        $widest = $cloth->widestAt($along->minus($forgiven)) ?? $squaredUp->across;
        $longest = $cloth->longestAt($across->minus($forgiven)) ?? $squaredUp->along;

        return [$widest->minus($across), $longest->minus($along)];
    }

    private function state(UsableBacking $cloth, Length $slack, Length $leastSlack): BackingState
    {
        $bound = $cloth->isSquareKnown ? $this->practice->forgivenWithDiagonal->negated() : Length::zero();

        return match (true) {
            !$slack->isShorterThan($bound) => BackingState::Fits,
            !$leastSlack->isShorterThan($bound) => BackingState::Tight,
            default => BackingState::Short,
        };
    }

    private function worked(Length $slack, string $axis, Length $required): Worked
    {
        $forgiven = $slack->isNegative() && !$slack->isShorterThan($this->practice->forgivenWithDiagonal->negated());

        return new Worked(
            $forgiven ? Figure::measured($slack) : Figure::left($slack),
            "What the cloth gives $axis at the size needed the other way, less what is needed. What is left over cannot be used up both ways at once.",
            [
                new Term('there', Figure::left($required->plus($slack)), 'backing, squared up'),
                new Term('needed', Figure::needed($required), 'top and margins'),
            ],
        );
    }
}
