<?php

declare(strict_types=1);

namespace Schwung\Core\Plan;

use Schwung\Core\Direction\DirectionPlan;
use Schwung\Core\Job\Job;
use Schwung\Core\Material\End;
use Schwung\Core\Measure\Figure;
use Schwung\Core\Measure\Phrase;
use Schwung\Core\Practice\MarginSchool;
use Schwung\Core\Practice\Practice;
use Schwung\Core\Sizing\BackingState;
use Schwung\Core\Sizing\BattingCheck;
use Schwung\Core\Sizing\BattingState;
use Schwung\Core\Sizing\EdgeVerdict;
use Schwung\Core\Sizing\MeasuredTop;
use Schwung\Core\Sizing\Squareness;

/** Collects what the quilter should know of a plan, in the order of the work. */
final readonly class Findings
{
    private const EDGES = ['top' => '/top/widths/top', 'bottom' => '/top/widths/bottom', 'left' => '/top/lengths/left', 'right' => '/top/lengths/right'];

    public function __construct(private Practice $practice)
    {
    }

    /** @return list<Finding> */
    public function collect(Job $job, MeasuredTop $top, DirectionPlan $chosen, ?BattingCheck $batting): array
    {
        return [
            ...$this->ofTop($top),
            ...$this->ofMargins($job, $chosen),
            ...$this->ofBacking($chosen),
            ...(null === $batting ? [] : $this->ofBatting($batting, $job)),
            ...(new DirectionFindings($this->practice))->collect($job, $chosen),
        ];
    }

    /** @return list<Finding> */
    private function ofTop(MeasuredTop $top): array
    {
        $found = [];
        foreach ($top->edges as $edge => $fullness) {
            $per = number_format(abs($fullness->share()) * 100, 1);
            $found[] = match ($fullness->verdict()) {
                EdgeVerdict::TooFull => new Finding('edge-too-full', Level::Warning, Phrase::of("The $edge edge is %s %% fuller than the middle: too much to work in. Speak to the client before loading.", $per), self::EDGES[$edge]),
                EdgeVerdict::TooTight => new Finding('edge-too-tight', Level::Warning, Phrase::of("The $edge edge is %s %% shorter than the middle: the body has the fullness. Speak to the client before loading.", $per), self::EDGES[$edge]),
                EdgeVerdict::WorkIn, EdgeVerdict::WorkInBody, EdgeVerdict::Flat => null,
            };
        }
        if ($top->isMiddleDoubtful()) {
            $found[] = new Finding('middle-doubtful', Level::Warning, Phrase::of('Two opposite edges differ from the middle the same way by more than 1 %%. Measure the middle again.'), '/top');
        }
        $found[] = match ($top->square) {
            Squareness::Off => new Finding('top-off-square', Level::Info, Phrase::of('The top is a little out of square: align it by an inner seam, not by its edge.'), '/top/diagonals'),
            Squareness::Out => new Finding('top-out-of-square', Level::Warning, Phrase::of('The top is out of square by more than 1.5 %%. Speak to the client before loading.'), '/top/diagonals'),
            Squareness::Square, Squareness::Unknown => null,
        };

        return array_values(array_filter($found));
    }

    /** @return list<Finding> */
    private function ofMargins(Job $job, DirectionPlan $chosen): array
    {
        if (MarginSchool::Custom !== $job->load->school) {
            return [];
        }
        $found = [];
        foreach (End::cases() as $end) {
            $least = $this->practice->grip($job->load->holdingAt($end), $end)->total();
            if ($chosen->backing->required->margins->at($end)->isShorterThan($least)) {
                $found[] = new Finding(
                    'margin-below-worked-out',
                    Level::Warning,
                    Phrase::of("The {$end->value} margin of %s is less than the %s that its hold needs.", Figure::measured($chosen->backing->required->margins->at($end)), Figure::needed($least)),
                    '/load/margins/'.$end->value,
                );
            }
        }

        return $found;
    }

    /** @return list<Finding> */
    private function ofBacking(DirectionPlan $chosen): array
    {
        $found = [];
        if ($chosen->backing->squaredUp->isOffGrain()) {
            $found[] = new Finding('off-grain', Level::Info, Phrase::of('Squared up, the backing lies %s° off its top side: off the grain. Pull it straight where you can.', number_format(abs(rad2deg($chosen->backing->squaredUp->turn)), 1)), '/backing/diagonal');
        }
        if (BackingState::Short === $chosen->backing->state()) {
            $found[] = new Finding('backing-short', Level::Error, (new Verdict($chosen->backing))->sentence(), '/backing');
        }

        return $found;
    }

    /** @return list<Finding> */
    private function ofBatting(BattingCheck $batting, Job $job): array
    {
        $found = [];
        if (BattingState::Trim === $batting->state && null !== $batting->trimTo) {
            $found[] = new Finding('batting-trim', Level::Warning, Phrase::of('The batting is %s across and could be drawn into the carriage: cut it to %s before it goes near the frame.', Figure::measured($batting->layAcross), Figure::left($batting->trimTo)), '/batting');
        }
        if ($batting->isWithin($this->practice->battingClearance)) {
            $found[] = new Finding('batting-near-backing', Level::Info, Phrase::of('The batting is nearly as wide as the backing: keep it clear of the carriage.'), '/batting');
        }
        if (null !== $batting->readyFrom && null !== $job->load->planned && $job->load->planned < $batting->readyFrom) {
            $found[] = new Finding('batting-not-rested', Level::Warning, Phrase::of('The batting has not rested by the planned time. It is fine from %s.', $batting->readyFrom->format('j F, H:i')), '/load/planned');
        }

        return $found;
    }
}
