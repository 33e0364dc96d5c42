<?php

declare(strict_types=1);

namespace Schwung\Core\Sizing;

use Schwung\Core\Measure\Figure;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\Term;
use Schwung\Core\Measure\Worked;

/**
 * How a backing measures up to what one way round needs; slack below zero is what is missing.
 *
 * $laid are the margins that the cloth really leaves; all that follows goes by them, never by what was asked for.
 */
final readonly class BackingCheck
{
    public function __construct(
        public RequiredSize $required,
        public RequiredSize $workedOut,
        public Fit $squaredUp,
        public Margins $laid,
        public Worked $slackAcross,
        public Worked $slackAlong,
        public BackingState $stateAcross,
        public BackingState $stateAlong,
    ) {}

    public function state(): BackingState
    {
        return $this->stateAcross->worse($this->stateAlong);
    }

    /** How far the squared-up cloth is below the required size across; zero where it is enough. */
    public function missingAcross(): Worked
    {
        return self::missing($this->required->across, $this->squaredUp->across, $this->stateAcross);
    }

    /** How far the squared-up cloth is below the required size along; zero where it is enough. */
    public function missingAlong(): Worked
    {
        return self::missing($this->required->along, $this->squaredUp->along, $this->stateAlong);
    }

    private static function missing(Worked $required, Length $there, BackingState $state): Worked
    {
        $missing =
            BackingState::Fits === $state
                ? Length::zero()
                : Length::longest(Length::zero(), $required->length()->minus($there));

        return new Worked(
            Figure::missing($missing),
            'What is needed less what the cloth gives once it is squared up.',
            [
                new Term('needed', $required->figure, 'top and margins'),
                new Term('there', Figure::left($there), 'backing, squared up to its greatest size'),
            ],
        );
    }
}
