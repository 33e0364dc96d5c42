<?php

declare(strict_types=1);

namespace App\Public;

use App\AtTheFrame\OnFrames;
use App\Clients\Bag\IntakeRepository;
use App\Quilt\Quilt;
use Psr\Clock\ClockInterface;
use Schwung\Core\Plan\FindingCode;
use Schwung\Core\Preparation\Preparation;

/** Says where a quilt stands: waiting for its client, resting, waiting for its turn, on the frame, done. */
final readonly class JobStates
{
    public function __construct(
        private OnFrames $frames,
        private IntakeRepository $intakes,
        private ClockInterface $clock,
    ) {}

    public function of(Quilt $quilt, Preparation $preparation): JobState
    {
        if (null !== $this->intakes->of($quilt)->homeSince()) {
            return new JobState('It is home again.', false);
        }
        if ($quilt->isFinished()) {
            return new JobState('It is done and waits for you.', false);
        }
        foreach ($quilt->isLoaded() ? $this->frames->of($quilt->studio) : [] as $on) {
            if ($on->quilt->equals($quilt->id())) {
                return new JobState(
                    $on->isFinished
                        ? 'It is on the frame, every pass done.'
                        : "It is on the frame: pass $on->pass of $on->passes.",
                    false,
                );
            }
        }
        if ($quilt->isLoaded()) {
            return new JobState('It is on the frame.', false);
        }
        $rests = $preparation->kept()?->batting?->readyFrom;

        return match (true) {
            null === $preparation->plan() => new JobState(
                'It waits for you: not everything is here and measured.',
                true,
            ),
            $this->lacks($preparation) => new JobState('It waits for you: see below what is missing.', true),
            null !== $rests && $rests > $this->clock->now() => new JobState(
                'Its batting rests before it goes on.',
                true,
            ),
            default => new JobState('Everything is here; it waits for its turn.', true),
        };
    }

    private function lacks(Preparation $preparation): bool
    {
        foreach ($preparation->findings() as $finding) {
            if (
                \in_array(
                    $finding->code,
                    [FindingCode::BackingShort, FindingCode::BackingAwaited, FindingCode::BattingShort],
                    true,
                )
            ) {
                return true;
            }
        }

        return false;
    }
}
