<?php

declare(strict_types=1);

namespace Schwung\Core\Plan;

use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\Phrase;
use Schwung\Core\Measure\Worked;
use Schwung\Core\Practice\Practice;
use Schwung\Core\Sizing\BackingCheck;
use Schwung\Core\Sizing\BackingState;

/** The one sentence that says whether a backing will load. */
final readonly class Verdict
{
    public function __construct(private BackingCheck $check) {}

    public function sentence(): Phrase
    {
        return match ($this->check->state()) {
            BackingState::Fits => $this->fits(),
            BackingState::Tight => $this->missing('It will load, but tight: %s below the margin asked for'),
            BackingState::Short => $this->missing('Not yet: the backing is %s short'),
        };
    }

    private function fits(): Phrase
    {
        [$across, $along] = [$this->check->slackAcross, $this->check->slackAlong];

        return match (true) {
            !self::isSeen($across) && !self::isSeen($along) => Phrase::of(
                'It will load: the backing is exactly wide and long enough.',
            ),
            !self::isSeen($across) => Phrase::of(
                'It will load: exactly wide enough, with %s to spare along.',
                $along->figure,
            ),
            !self::isSeen($along) => Phrase::of(
                'It will load: exactly long enough, with %s to spare across.',
                $across->figure,
            ),
            default => Phrase::of(
                'It will load, with %s to spare across and %s along.',
                $across->figure,
                $along->figure,
            ),
        };
    }

    /** Whether a tape shows any of it. */
    private static function isSeen(Worked $slack): bool
    {
        return !$slack->length()->isShorterThan(Length::inches(Practice::SEEN_INCHES));
    }

    private function missing(string $opening): Phrase
    {
        $across = $this->check->missingAcross();
        $along = $this->check->missingAlong();

        return match (true) {
            !$across->length()->isPositive() => Phrase::of($opening . ' along the quilt.', $along->figure),
            !$along->length()->isPositive() => Phrase::of($opening . ' across.', $across->figure),
            default => Phrase::of($opening . ' across and %s along.', $across->figure, $along->figure),
        };
    }
}
