<?php

declare(strict_types=1);

namespace Schwung\Core\Loading;

use Schwung\Core\Frame\Foot;
use Schwung\Core\Frame\Machine;
use Schwung\Core\Job\Job;
use Schwung\Core\Material\EdgeKind;
use Schwung\Core\Practice\Purpose;

/**
 * Which foot a quilt is stitched with: the one that was asked for, else what the work wants, else the one that is
 * always on. Everyday rules of the trade; the maker's manual comes first.
 */
final readonly class FootRule
{
    public function choose(Job $job): ChosenFoot
    {
        $machine = $job->frame->fittings->machine;
        if (null !== $job->desk->foot) {
            return new ChosenFoot($job->desk->foot, 'It was chosen for this quilt.');
        }
        [$wanted, $reason] = $this->wanted($job, $machine);
        if ($machine->hasFoot($wanted)) {
            return new ChosenFoot($wanted, $reason);
        }

        return new ChosenFoot(
            $this->atHand($machine),
            "A {$wanted->words()} would suit better: $reason None is written down for this machine.",
            $wanted,
        );
    }

    /** @return array{Foot, string} */
    private function wanted(Job $job, Machine $machine): array
    {
        return match (true) {
            $job->desk->isRulerWork => [Foot::Ruler, 'Its high side keeps a ruler off the needle.'],
            $job->desk->isRaised || $job->top->hasRaisedMarks() => [
                Foot::Disc,
                'It rides over raised and glued pieces, where toes catch.',
            ],
            EdgeKind::Straight !== $job->top->edge => [
                Foot::Disc,
                'Runs along a shaped edge do not get under its points.',
            ],
            null !== $machine->always => [$machine->always, 'It stays on while nothing asks for another.'],
            Purpose::Basting !== $job->desk->habits->purpose && null !== $job->quilting && null === $job->quilting->rows
                => [Foot::Ruler, 'Blocks are followed along their seams.'],
            default => [Foot::OpenToe, 'The needle is seen best.'],
        };
    }

    private function atHand(Machine $machine): Foot
    {
        return $machine->always ?? ($machine->feet[0] ?? Foot::OpenToe);
    }
}
