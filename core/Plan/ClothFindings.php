<?php

declare(strict_types=1);

namespace Schwung\Core\Plan;

use Schwung\Core\Direction\DirectionPlan;
use Schwung\Core\Job\Job;
use Schwung\Core\Job\Load;
use Schwung\Core\Material\End;
use Schwung\Core\Measure\Figure;
use Schwung\Core\Measure\Phrase;
use Schwung\Core\Practice\Distance;
use Schwung\Core\Practice\MarginSchool;
use Schwung\Core\Practice\Practice;
use Schwung\Core\Sizing\BackingCheck;
use Schwung\Core\Sizing\BackingState;
use Schwung\Core\Sizing\BattingCheck;
use Schwung\Core\Sizing\BattingState;

/** What the quilter should know of margins, backing and batting (rules 3, 4 and 6). */
final readonly class ClothFindings
{
    public function __construct(private Practice $practice) {}

    /** @return list<Finding> */
    public function collect(Job $job, DirectionPlan $chosen, ?BattingCheck $batting): array
    {
        return array_values(
            array_filter([
                ...array_map(
                    fn(End $end): ?Finding => $this->ofMargin($job->load, $chosen->backing, $end),
                    End::cases(),
                ),
                $this->ofGrain($chosen->backing),
                $this->ofState($chosen->backing),
                ...null === $batting ? [] : $this->ofBatting($batting, $job->load),
            ]),
        );
    }

    private function ofMargin(Load $load, BackingCheck $backing, End $end): ?Finding
    {
        $asked = $backing->required->margins->at($end);
        $least = $this->practice->grip($load->holdingAt($end), $end)->total();

        return MarginSchool::Custom !== $load->school || !$asked->isShorterThan($least)
            ? null
            : new Finding(
                FindingCode::MarginBelowWorkedOut,
                Phrase::of(
                    "The {$end->value} margin of %s is less than the %s that its hold needs.",
                    Figure::measured($asked),
                    Figure::needed($least),
                ),
                '/load/margins/' . $end->value,
            );
    }

    private function ofGrain(BackingCheck $backing): ?Finding
    {
        return !$backing->squaredUp->isOffGrain()
            ? null
            : new Finding(
                FindingCode::OffGrain,
                Phrase::of(
                    'Squared up, the backing lies %s° off its top side: off the grain. Pull it straight where you can.',
                    number_format(abs(rad2deg($backing->squaredUp->turn)), 1),
                ),
                '/backing/diagonal',
            );
    }

    private function ofState(BackingCheck $backing): ?Finding
    {
        $sentence = (new Verdict($backing))->sentence();

        return match ($backing->state()) {
            BackingState::Short => new Finding(FindingCode::BackingShort, $sentence, '/backing'),
            BackingState::Tight => new Finding(FindingCode::BackingTight, $sentence, '/backing'),
            BackingState::Fits => null,
        };
    }

    /** @return list<Finding|null> */
    private function ofBatting(BattingCheck $batting, Load $load): array
    {
        $isEarly = null !== $batting->readyFrom && null !== $load->planned && $load->planned < $batting->readyFrom;

        return [
            BattingState::Short === $batting->state
                ? new Finding(FindingCode::BattingShort, $this->shortBatting($batting), '/batting')
                : null,
            null === $batting->trimTo
                ? null
                : new Finding(
                    FindingCode::BattingTrim,
                    Phrase::of(
                        'The batting is %s across and could be drawn into the carriage: cut it to %s before it goes ' .
                            'near the frame.',
                        Figure::measured($batting->layAcross),
                        Figure::left($batting->trimTo),
                    ),
                    '/batting',
                ),
            $batting->isWithin($this->practice->at(Distance::BattingClearance))
                ? new Finding(
                    FindingCode::BattingNearBacking,
                    Phrase::of('The batting is nearly as wide as the backing: keep it clear of the carriage.'),
                    '/batting',
                )
                : null,
            $isEarly
                ? new Finding(
                    FindingCode::BattingNotRested,
                    Phrase::of(
                        'The batting has not rested by the planned time. It is fine from %s.',
                        $batting->readyFrom->format('j F, H:i'),
                    ),
                    '/load/planned',
                )
                : null,
        ];
    }

    private function shortBatting(BattingCheck $batting): Phrase
    {
        [$across, $along] = [$batting->missingAcross(), $batting->missingAlong()];

        return match (true) {
            !$across->isPositive() => Phrase::of(
                'Not yet: the batting is %s short along the quilt.',
                Figure::needed($along),
            ),
            !$along->isPositive() => Phrase::of('Not yet: the batting is %s short across.', Figure::needed($across)),
            default => Phrase::of(
                'Not yet: the batting is %s short across and %s along.',
                Figure::needed($across),
                Figure::needed($along),
            ),
        };
    }
}
