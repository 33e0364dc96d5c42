<?php

declare(strict_types=1);

namespace Schwung\Core\Sizing;

use Schwung\Core\Frame\HoldingSystem;
use Schwung\Core\Job\DirectionWish;
use Schwung\Core\Job\Job;
use Schwung\Core\Job\Load;
use Schwung\Core\Material\Backing;
use Schwung\Core\Material\Direction;
use Schwung\Core\Material\End;
use Schwung\Core\Material\Top;
use Schwung\Core\Measure\Figure;
use Schwung\Core\Measure\Phrase;
use Schwung\Core\Practice\FloatKind;
use Schwung\Core\Practice\MarginSchool;
use Schwung\Core\Practice\Practice;

/**
 * Rule 3, remedies that leave the cloth as it is: the quilt turned, the backing laid the other way, other holds, the
 * top on its roller, the worked-out margin. Each is worked out before it is offered.
 *
 * @internal
 */
final readonly class LoadRemedies
{
    private BackingRule $backings;

    public function __construct(
        Practice $practice,
        private Job $job,
        private UsableBacking $cloth,
        private Direction $direction,
    ) {
        $this->backings = new BackingRule($practice);
    }

    public function turn(): Remedy
    {
        $load = $this->job->load;
        $turned = $this->backings->check($this->job->top, $this->cloth, $load, $this->direction->other());

        return new Remedy(
            RemedyKind::Turn,
            Phrase::of(Direction::AsIs === $this->direction ? 'Turn the quilt' : 'Load it as it is'),
            Phrase::of(
                (Direction::AsIs === $this->direction
                    ? 'Load it a quarter turn round, its left edge leading: '
                    : 'Load its width along the rails: ') .
                    '%s × %s is needed that way, and the backing leaves %s across and %s along.',
                ...self::figures($turned),
            ),
            $turned->state(),
            $load->withDirection(DirectionWish::from($this->direction->other()->value)),
        );
    }

    public function swap(): Remedy
    {
        $backing = $this->job->backing->laidTheOtherWay();
        $check = $this->backings->check(
            $this->job->top,
            UsableBacking::of($backing),
            $this->job->load,
            $this->direction,
        );

        return new Remedy(
            RemedyKind::Swap,
            Phrase::of('Lay the backing the other way'),
            Phrase::of(
                'Give the backing alone a quarter turn: %s × %s is needed, and it leaves %s across and %s along. ' .
                    'Measure its diagonal again.',
                ...self::figures($check),
            ),
            $check->state(),
            backing: $backing,
        );
    }

    /** The hold that makes most of the cloth; one end changed before both. Null where none is better. */
    public function method(BackingState $now): ?Remedy
    {
        $best = null;
        $state = $now;
        foreach ($this->otherHoldings() as $other) {
            $then =
                BackingState::Fits === $state
                    ? $state
                    : $this->backings->stateOf($this->job->top, $this->cloth, $other, $this->direction);
            if ($then->isBetterThan($state)) {
                [$best, $state] = [$other, $then];
            }
        }

        return null === $best ? null : $this->methodRemedy($best);
    }

    /**
     * One end changed before both; those that need no less cloth than the holds in force are no way out.
     *
     * @return list<Load>
     */
    private function otherHoldings(): array
    {
        [$load, $methods] = [$this->job->load, $this->job->frame->methods];
        $pairs = [
            ...array_map(static fn(HoldingSystem $tail): array => [$load->lead, $tail], $methods),
            ...array_map(static fn(HoldingSystem $lead): array => [$lead, $load->tail], $methods),
        ];
        foreach ($methods as $lead) {
            array_push($pairs, ...array_map(static fn(HoldingSystem $tail): array => [$lead, $tail], $methods));
        }
        [$now, $leastNow] = $this->backings->wantedAtEnds($load);

        return array_values(
            array_filter(array_map(static fn(array $pair): Load => $load->withHolding(...$pair), $pairs), function (
                Load $that,
            ) use ($now, $leastNow): bool {
                [$then, $leastThen] = $this->backings->wantedAtEnds($that);

                return $then->isShorterThan($now) || $leastThen->isShorterThan($leastNow);
            }),
        );
    }

    private function methodRemedy(Load $other): Remedy
    {
        $load = $this->job->load;
        $check = $this->backings->check($this->job->top, $this->cloth, $other, $this->direction);
        $changes = [];
        foreach (End::cases() as $end) {
            if ($other->holdingAt($end) !== $load->holdingAt($end)) {
                $changes[] = \sprintf(
                    '%s instead of %s at the %s',
                    $other->holdingAt($end)->words(),
                    $load->holdingAt($end)->words(),
                    $end->value,
                );
            }
        }

        return new Remedy(
            RemedyKind::Method,
            Phrase::of('%s', ucfirst(implode(', ', $changes))),
            Phrase::of(
                'Then %s × %s is enough, and the backing leaves %s along.',
                $check->required->across->figure,
                $check->required->along->figure,
                $check->slackAlong->figure,
            ),
            $check->state(),
            $other,
        );
    }

    /** Null where the top has no roller of its own, is held already, or has an edge that is never attached. */
    public function float(): ?Remedy
    {
        $load = $this->job->load;
        if (
            FloatKind::Full !== $load->float ||
            !$this->job->frame->kind->hasTopRoller() ||
            $this->job->top->edge->mustFloat()
        ) {
            return null;
        }
        $held = $load->withFloat(FloatKind::Part);
        $check = $this->backings->check($this->job->top, $this->cloth, $held, $this->direction);

        return new Remedy(
            RemedyKind::Float,
            Phrase::of('Attach the top to its roller'),
            Phrase::of(
                'Held at its tail end it drifts less: the worked-out margin at each side is then %s, and %s across ' .
                    'is the least.',
                $check->workedOut->margins->left->figure,
                $check->workedOut->across->figure,
            ),
            $check->state(),
            $held,
        );
    }

    public function workedOut(): ?Remedy
    {
        $load = $this->job->load;
        if (MarginSchool::WorkedOut === $load->school) {
            return null;
        }
        $workedOut = $load->withSchool(MarginSchool::WorkedOut);
        $check = $this->backings->check($this->job->top, $this->cloth, $workedOut, $this->direction);

        return new Remedy(
            RemedyKind::WorkedOut,
            Phrase::of('Use the worked-out margin'),
            Phrase::of(
                '%s at the lead, %s at the tail and %s at each side are enough for the hold, the clamps ' .
                    'and the foot. ' .
                    'It costs the room for test stitches and forgives less drift.',
                $check->required->margins->lead->figure,
                $check->required->margins->tail->figure,
                $check->required->margins->left->figure,
            ),
            // The margins are the least there are: what does not meet them is short.
            BackingState::Fits === $check->state() ? BackingState::Fits : BackingState::Short,
            $workedOut,
        );
    }

    /** @return array{Figure, Figure, Figure, Figure} needed across and along, left across and along */
    private static function figures(BackingCheck $check): array
    {
        return [
            $check->required->across->figure,
            $check->required->along->figure,
            $check->slackAcross->figure,
            $check->slackAlong->figure,
        ];
    }
}
