<?php

declare(strict_types=1);

namespace Schwung\Core\Sizing;

use Schwung\Core\Frame\HoldingSystem;
use Schwung\Core\Job\DirectionWish;
use Schwung\Core\Job\ExtensionLayout;
use Schwung\Core\Job\Load;
use Schwung\Core\Material\Backing;
use Schwung\Core\Material\Direction;
use Schwung\Core\Material\End;
use Schwung\Core\Material\Top;
use Schwung\Core\Measure\Figure;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\Phrase;
use Schwung\Core\Measure\UnitSystem;
use Schwung\Core\Practice\MarginSchool;
use Schwung\Core\Practice\Practice;

/**
 * Rule 3, remedies: the ways out of a backing that does not fit, best first, each tried before it is offered.
 *
 * Offered are those after which the backing fits; if there are none, those that leave it tight. Asking the client
 * stands last, always.
 */
final readonly class RemedyFinder
{
    private BackingRule $backings;

    public function __construct(private Practice $practice, private UnitSystem $units)
    {
        $this->backings = new BackingRule($practice);
    }

    /**
     * @param list<HoldingSystem> $methods other holding systems at hand
     * @param BackingCheck        $check   of this load and direction
     *
     * @return list<Remedy> empty where the backing fits as it is
     */
    public function find(Top $top, Backing $backing, UsableBacking $cloth, Load $load, Direction $direction, array $methods, BackingCheck $check): array
    {
        if (BackingState::Fits === $check->state()) {
            return [];
        }
        $found = array_filter([
            $this->turn($top, $cloth, $load, $direction),
            $this->method($top, $cloth, $load, $direction, $methods),
            $this->workedOut($top, $cloth, $load, $direction, $check),
            $this->extend($check),
            $this->squareUpLess($cloth, $check, $direction),
            $this->piece($backing, $check, $direction),
        ]);
        $fitting = array_filter($found, static fn (Remedy $remedy): bool => BackingState::Fits === $remedy->state);
        $tight = array_filter($found, static fn (Remedy $remedy): bool => BackingState::Tight === $remedy->state);

        return [...($fitting ?: $tight), $this->askClient($backing, $check, $direction)];
    }

    private function turn(Top $top, UsableBacking $cloth, Load $load, Direction $direction): Remedy
    {
        $turned = $this->backings->check($top, $cloth, $load, $direction->other());

        return new Remedy(
            RemedyKind::Turn,
            Phrase::of(Direction::AsIs === $direction ? 'Turn the quilt' : 'Load it as it is'),
            Phrase::of(
                Direction::AsIs === $direction
                    ? 'Load it a quarter turn round, its left edge leading: %s × %s is needed that way, and the backing leaves %s across and %s along.'
                    : 'Load its width along the rails: %s × %s is needed that way, and the backing leaves %s across and %s along.',
                $turned->required->across->figure, $turned->required->along->figure, $turned->slackAcross->figure, $turned->slackAlong->figure,
            ),
            $turned->state(),
            $load->withDirection(DirectionWish::from($direction->other()->value)),
        );
    }

    /** @param list<HoldingSystem> $methods */
    private function method(Top $top, UsableBacking $cloth, Load $load, Direction $direction, array $methods): ?Remedy
    {
        $best = null;
        foreach ($this->otherHoldings($load, $methods) as $other) {
            $check = $this->backings->check($top, $cloth, $other, $direction);
            if (BackingState::Short !== $check->state() && (null === $best || BackingState::Fits !== $best->state)) {
                $candidate = $this->methodRemedy($load, $other, $check);
                $best = null === $best || BackingState::Fits === $candidate->state ? $candidate : $best;
            }
        }

        return $best;
    }

    /**
     * One end changed before both.
     *
     * @param list<HoldingSystem> $methods
     *
     * @return list<Load>
     */
    private function otherHoldings(Load $load, array $methods): array
    {
        $loads = [];
        foreach ($methods as $tail) {
            $loads[] = $load->withHolding($load->lead, $tail);
        }
        foreach ($methods as $lead) {
            $loads[] = $load->withHolding($lead, $load->tail);
        }
        foreach ($methods as $lead) {
            foreach ($methods as $tail) {
                $loads[] = $load->withHolding($lead, $tail);
            }
        }

        return array_values(array_filter($loads, static fn (Load $that): bool => [$that->lead, $that->tail] !== [$load->lead, $load->tail]));
    }

    private function methodRemedy(Load $load, Load $other, BackingCheck $check): Remedy
    {
        $changes = [];
        foreach (End::cases() as $end) {
            if ($other->holdingAt($end) !== $load->holdingAt($end)) {
                $changes[] = \sprintf('%s instead of %s at the %s', $this->words($other->holdingAt($end)), $this->words($load->holdingAt($end)), $end->value);
            }
        }

        return new Remedy(
            RemedyKind::Method,
            Phrase::of('%s', ucfirst(implode(', ', $changes))),
            Phrase::of('Then %s × %s is enough, and the backing leaves %s along.', $check->required->across->figure, $check->required->along->figure, $check->slackAlong->figure),
            $check->state(),
            $other,
        );
    }

    private function words(HoldingSystem $system): string
    {
        return HoldingSystem::Zip === $system ? 'zips' : str_replace('-', ' ', $system->value);
    }

    private function workedOut(Top $top, UsableBacking $cloth, Load $load, Direction $direction, BackingCheck $before): ?Remedy
    {
        if (MarginSchool::WorkedOut === $load->school) {
            return null;
        }
        $workedOut = $load->withSchool(MarginSchool::WorkedOut);
        $check = $this->backings->check($top, $cloth, $workedOut, $direction);

        return new Remedy(
            RemedyKind::WorkedOut,
            Phrase::of('Use the worked-out margin'),
            Phrase::of(
                '%s at the lead, %s at the tail and %s at each side are enough for the hold, the clamps and the foot. It costs the room for test stitches and forgives less drift.',
                $check->required->margins->lead->figure, $check->required->margins->tail->figure, $check->required->margins->left->figure,
            ),
            // The margins are the least there are: what does not meet them is short.
            BackingState::Fits === $check->state() ? BackingState::Fits : BackingState::Short,
            $workedOut,
        );
    }

    private function extend(BackingCheck $check): ?Remedy
    {
        $plan = (new Extension($this->practice))->plan($check->squaredUp, $check->required->across->length(), $check->required->along->length(), ExtensionLayout::BothEnds);
        if ([] === $plan->strips) {
            return null;
        }
        [$patterns, $figures] = [[], []];
        foreach ($plan->strips as $strip) {
            $patterns[] = 'Cut two strips %s × %s and sew one to the '.('lead' === $strip->edges[0] ? 'lead and one to the tail end.' : 'left and one to the right side, where the clamps hold.');
            array_push($figures, Figure::needed($strip->cutWidth), Figure::needed($strip->cutLength));
        }

        return new Remedy(
            RemedyKind::Extend,
            Phrase::of('Sew on strips'),
            Phrase::of(implode(' ', $patterns).' The backing is then %s × %s.', ...[...$figures, Figure::left($plan->across), Figure::left($plan->along)]),
            BackingState::Fits,
            extension: $plan,
        );
    }

    /**
     * The clamped sides may stay crooked as long as the narrowest place keeps the worked-out margin; only lead and
     * tail are cut straight.
     */
    private function squareUpLess(UsableBacking $cloth, BackingCheck $check, Direction $direction): ?Remedy
    {
        $loaded = $cloth->loaded($direction);
        if (!$cloth->isSquareKnown || !$loaded->lostAcross($check->squaredUp)->isPositive()) {
            return null;
        }
        $narrowest = $check->workedOut->across->length();
        $longest = $loaded->longestAt($narrowest);
        $fits = null !== $longest && !$longest->isShorterThan($check->required->along->length());
        $wasMissingAcross = $check->stateAcross;

        return !$fits || BackingState::Fits === $wasMissingAcross ? null : new Remedy(
            RemedyKind::SquareUp,
            Phrase::of('Square only the ends'),
            Phrase::of(
                'Cut lead and tail straight and leave the sides crooked: the narrowest place keeps %s beside the top, enough for clamps and foot.',
                $check->workedOut->margins->left->figure,
            ),
            BackingState::Fits,
        );
    }

    private function piece(Backing $backing, BackingCheck $check, Direction $direction): ?Remedy
    {
        if (null === $backing->bolt || !$backing->bolt->isLongerThan($this->practice->seamAllowance->times(2))) {
            return null;
        }
        [$plan] = $this->piecing($backing, $check, $direction, $backing->bolt);
        $seams = \count($plan->seams);

        return new Remedy(
            RemedyKind::Piece,
            Phrase::of('Piece a new backing'),
            Phrase::of(
                'Buy '.$this->yardage($plan->toBuy).' of a %s bolt and cut '.\count($plan->cuts).' × %s: %s.',
                Figure::measured($backing->bolt),
                Figure::needed($plan->cuts[0]),
                0 === $seams ? 'no seam' : \sprintf('%d %s %s', $seams, 1 === $seams ? 'seam' : 'seams', PiecingWay::AlongRails === $plan->way ? 'along the rails' : 'from roller to roller'),
            ),
            BackingState::Fits,
            piecing: $plan,
        );
    }

    private function askClient(Backing $backing, BackingCheck $check, Direction $direction): Remedy
    {
        $bolt = $backing->bolt ?? Length::inches(42);
        [$plan] = $this->piecing($backing, $check, $direction, $bolt);

        return new Remedy(
            RemedyKind::AskClient,
            Phrase::of('Ask the client for more'),
            Phrase::of(
                'A backing of at least %s × %s, square: '.$this->yardage($plan->toBuy).' of a %s bolt.',
                $check->required->across->figure, $check->required->along->figure, Figure::measured($bolt),
            ),
            BackingState::Fits,
        );
    }

    /** @return array{PiecingPlan, PiecingPlan} */
    private function piecing(Backing $backing, BackingCheck $check, Direction $direction, Length $bolt): array
    {
        return (new Piecing($this->practice, $this->units))
            ->plans($check->required->across->length(), $check->required->along->length(), $bolt, $backing->directional, $direction);
    }

    private function yardage(Length $length): string
    {
        return Yardage::of($length)->writtenIn($this->units);
    }
}
