<?php

declare(strict_types=1);

namespace Schwung\Core\Plan;

use Schwung\Core\Measure\Phrase;
use Schwung\Core\Sizing\BackingCheck;
use Schwung\Core\Sizing\BackingState;

/** The one sentence that says whether a backing will load. */
final readonly class Verdict
{
    public function __construct(private BackingCheck $check) {}

    public function sentence(): Phrase
    {
        return match ($this->check->state()) {
            BackingState::Fits => Phrase::of(
                'It will load, with %s to spare across and %s along.',
                $this->check->slackAcross->figure,
                $this->check->slackAlong->figure,
            ),
            BackingState::Tight => $this->missing('It will load, but tight: %s below the margin asked for'),
            BackingState::Short => $this->missing('Not yet: the backing is %s short'),
        };
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
