<?php

declare(strict_types=1);

namespace Schwung\Core\Direction;

use Schwung\Core\Job\DirectionWish;
use Schwung\Core\Material\Direction;
use Schwung\Core\Measure\Figure;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\Phrase;
use Schwung\Core\Sizing\BackingState;

/**
 * Rule 13: which way round to load. The first criterion that differs decides; as it is where none does. A wish of
 * the quilter's goes before all. For stretchy cloth the stretch comes before a tight margin.
 */
final readonly class ChoiceRule
{
    private const ROLLS_ALIKE_INCHES = 0.125;

    public function choose(DirectionWish $wish, DirectionPlan $asIs, DirectionPlan $turned, bool $isStretchy): Choice
    {
        $criteria = $this->criteria($asIs, $turned, $isStretchy);
        $deciding = Choice::firstThatDiffers($criteria);
        [$proposed, $by] = [$deciding->better ?? Direction::AsIs, $deciding->decision ?? Decision::Tie];

        return DirectionWish::Auto === $wish
            ? new Choice($proposed, $by, $proposed, $by, $criteria)
            : new Choice(Direction::from($wish->value), Decision::Asked, $proposed, $by, $criteria);
    }

    /** @return list<Criterion> */
    private function criteria(DirectionPlan $asIs, DirectionPlan $turned, bool $isStretchy): array
    {
        $line = fn(Decision $decision, string $name, int $one, int $other, \Closure $say): Criterion => $this->line(
            $decision,
            $name,
            [$asIs, $turned],
            [$one, $other],
            $say,
        );
        $stretch = $line(
            Decision::Stretch,
            'Stretch',
            $this->stretch($asIs),
            $this->stretch($turned),
            $this->sayStretch(...),
        );
        $backing = $line(
            Decision::Backing,
            'Backing',
            $this->backing($asIs),
            $this->backing($turned),
            $this->sayBacking(...),
        );
        $isShort = $line(
            Decision::Backing,
            'Backing enough',
            $this->isShort($asIs),
            $this->isShort($turned),
            $this->sayWhetherShort(...),
        );

        return [
            $line(Decision::Loads, 'Loads', (int) !$asIs->loads(), (int) !$turned->loads(), $this->sayLoads(...)),
            ...$isStretchy ? [$isShort, $stretch, $backing] : [$backing, $stretch],
            $line(
                Decision::Directional,
                'Up of the design',
                (int) !$asIs->keepsUp,
                (int) !$turned->keepsUp,
                static fn(DirectionPlan $plan): Phrase => Phrase::of($plan->keepsUp ? 'kept' : 'lies on its side'),
            ),
            ...$this->counts($asIs, $turned),
        ];
    }

    /**
     * @param array{DirectionPlan, DirectionPlan}  $plans as it is, turned
     * @param array{int, int}                      $ranks smaller is better; above zero is worth a warning
     * @param \Closure(DirectionPlan): Phrase      $say
     */
    private function line(Decision $decision, string $name, array $plans, array $ranks, \Closure $say): Criterion
    {
        return new Criterion(
            $decision,
            $name,
            $say($plans[0]),
            $say($plans[1]),
            $this->better(...$ranks),
            $ranks[0] > 0,
            $ranks[1] > 0,
        );
    }

    /**
     * What is a matter of more or less, where it can be said at all.
     *
     * @return list<Criterion>
     */
    private function counts(DirectionPlan $asIs, DirectionPlan $turned): array
    {
        $count = fn(Decision $decision, string $name, ?int $one, ?int $other, string $unit): Criterion => new Criterion(
            $decision,
            $name,
            $this->sayCount($one, $unit),
            $this->sayCount($other, $unit),
            null === $one || null === $other ? null : $this->better($one, $other),
            false,
            false,
        );
        $passes = static fn(DirectionPlan $plan): ?int => true === $plan->course?->passes->isComplete()
            ? $plan->course->passes->count()
            : null;
        $roll = static fn(DirectionPlan $plan): ?Length => null === $passes($plan)
            ? null
            : $plan->course?->passes->last()?->rollDiameter()->length();
        $sayRoll = static fn(?Length $diameter): Phrase => null === $diameter
            ? Phrase::of('not known')
            : Phrase::of('%s across at the last pass', Figure::measured($diameter));
        $sections = static fn(DirectionPlan $plan): int => max(1, \count($plan->sections));

        return [
            $count(Decision::Sections, 'Across the rails', $sections($asIs), $sections($turned), 'section'),
            $count(
                Decision::Stops,
                'Cut blocks',
                $asIs->course?->stopsInBlocks(),
                $turned->course?->stopsInBlocks(),
                'stop in a block',
            ),
            $this->line(
                Decision::Ridge,
                'Ridge',
                [$asIs, $turned],
                [(int) $asIs->hasRidge(), (int) $turned->hasRidge()],
                $this->sayRidge(...),
            ),
            $count(Decision::Passes, 'From end to end', $passes($asIs), $passes($turned), 'pass'),
            $this->line(
                Decision::Seam,
                'Seam of the backing',
                [$asIs, $turned],
                [(int) $asIs->seamWinds, (int) $turned->seamWinds],
                $this->saySeam(...),
            ),
            new Criterion(
                Decision::Roll,
                'Roll',
                $sayRoll($roll($asIs)),
                $sayRoll($roll($turned)),
                $this->smallerRoll($roll($asIs), $roll($turned)),
                false,
                false,
            ),
        ];
    }

    /** Rolls less than an eighth of an inch apart are alike: no hand tells them. */
    private function smallerRoll(?Length $asIs, ?Length $turned): ?Direction
    {
        if (
            null === $asIs ||
            null === $turned ||
            abs($asIs->minus($turned)->nanometres) < Length::inches(self::ROLLS_ALIKE_INCHES)->nanometres
        ) {
            return null;
        }

        return $this->better($asIs->nanometres, $turned->nanometres);
    }

    private function sayRidge(DirectionPlan $plan): Phrase
    {
        return null === $plan->ridge
            ? Phrase::of('none')
            : Phrase::of('%s mm at the end', number_format($plan->ridge->length()->toMillimetres(), 1));
    }

    private function saySeam(DirectionPlan $plan): Phrase
    {
        return Phrase::of($plan->seamWinds ? 'winds on itself' : 'none that winds on itself');
    }

    private function better(int $asIs, int $turned): ?Direction
    {
        return match ($asIs <=> $turned) {
            -1 => Direction::AsIs,
            1 => Direction::Turned,
            default => null,
        };
    }

    private function stretch(DirectionPlan $plan): int
    {
        return StretchLie::Ok === $plan->stretch ? 0 : 1;
    }

    private function isShort(DirectionPlan $plan): int
    {
        return BackingState::Short === $plan->backing->state() ? 1 : 0;
    }

    /** Fits, then tight, then short by the whole inches of the larger shortfall, rounded up. */
    private function backing(DirectionPlan $plan): int
    {
        return match ($plan->backing->state()) {
            BackingState::Fits => 0,
            BackingState::Tight => 1,
            BackingState::Short => 2 + (int) ceil($this->shortfall($plan)->nanometres / Length::NANOMETRES_PER_INCH),
        };
    }

    private function shortfall(DirectionPlan $plan): Length
    {
        return Length::shortest($plan->backing->slackAcross->length(), $plan->backing->slackAlong->length())->negated();
    }

    private function sayLoads(DirectionPlan $plan): Phrase
    {
        return Phrase::of(
            [] === $plan->blockers
                ? 'yes'
                : implode(
                    '; ',
                    array_map(
                        static fn(Blocker $blocker): string => match ($blocker) {
                            Blocker::Reach => 'no: wider than the needle gets',
                            Blocker::Leader => 'no: wider than the leader',
                            Blocker::Row => 'no: no room for the design',
                            Blocker::Roll => 'no: the roll does not go under the arm',
                        },
                        $plan->blockers,
                    ),
                ),
        );
    }

    private function sayStretch(DirectionPlan $plan): Phrase
    {
        return Phrase::of(StretchLie::Ok === $plan->stretch ? 'not pulled by advancing' : 'lies from lead to tail');
    }

    private function sayWhetherShort(DirectionPlan $plan): Phrase
    {
        return Phrase::of(BackingState::Short === $plan->backing->state() ? 'no' : 'yes');
    }

    private function sayBacking(DirectionPlan $plan): Phrase
    {
        return match ($plan->backing->state()) {
            BackingState::Fits => Phrase::of(
                'fits, %s to spare',
                Figure::left(
                    Length::shortest($plan->backing->slackAcross->length(), $plan->backing->slackAlong->length()),
                ),
            ),
            BackingState::Tight => Phrase::of('tight, %s below the school', Figure::missing($this->shortfall($plan))),
            BackingState::Short => Phrase::of('short by %s', Figure::missing($this->shortfall($plan))),
        };
    }

    private function sayCount(?int $count, string $unit): Phrase
    {
        $plural = 'pass' === $unit ? 'passes' : preg_replace('/^(\w+)/', '$1s', $unit);

        return Phrase::of(
            '%s',
            match ($count) {
                null => 'not known',
                1 => "1 $unit",
                default => "$count $plural",
            },
        );
    }
}
